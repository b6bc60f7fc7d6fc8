export { siteFindings, type SiteFinding } from './siteFindings';
