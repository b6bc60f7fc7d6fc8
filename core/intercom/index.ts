export {
  intercomConflicts,
  intercomSets,
  type AnsweringStation,
  type DoorStation,
  type IntercomConflict,
  type IntercomSet,
} from './intercomSet';
export { wireIntercom, type IntercomWiring } from './wireIntercom';
