/** What lists tell, kept with studies and decisions and renewed in the background: leaders and standing. */
export { curvesOf } from './cost-curves';
export { edition2Report, type Edition2Line, type Edition2Report } from './edition-2';
export { renewed, renewSoon } from './renew';
export { listStandings, standingOfDecision, type StandingOf, type StandingsKept } from './standings';
export { alloyEffects, foundryEffects, processEffects, rateEffects, type Effects } from './rate-effects';
export { dropPrice, saveAlloy, savePrice, saveProcess, saveProfile, saveRates } from './save-rates';
export { studyPage } from './study-page';
