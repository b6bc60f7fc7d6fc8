import { messages } from '../../messages';

export const say = messages({
  wiringDiagramAtRest: (door: string, door2: string) => `${door} ${door2}, wiring diagram at rest`,
});
