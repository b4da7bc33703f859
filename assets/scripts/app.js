// What runs in the browser: page changes without a reload, keys, the play's clock, touching the ground.
import 'htmx.org/dist/htmx.esm.js';
import { listenForKeys } from './keys.js';
import { guardForms } from './unsaved.js';
import { openFolds, settleFolds } from './fold.js';
import { foldStrips, settleStrip } from './strip.js';
import { settleSituation, takeSituations } from './situation.js';
import { tellWhenNotSent } from './notsent.js';
import { tellZone } from './zone.js';
import { startClocks } from './clock.js';
import { placeNames } from './labels.js';
import { placeTicks } from './ticks.js';
import { listenForGround } from './ground.js';
import { moveFielders } from './fielders.js';
import { moveBalls } from './ballmark.js';
import { moveByArrows } from './grid.js';
import { startStopwatches } from './stopwatch.js';
import { submitOnChange } from './context.js';
import { followTries, rememberTries } from './tries.js';
import { readPlayMaps } from './playmap.js';
import { arrangePractices } from './arrange.js';
import { changePlaces } from './lineup.js';
import { selectAll } from './selectall.js';
import { countByThumb, sendCounts, showCounts, waitingCounts } from './counts.js';
import { giveJobs } from './jobs.js';
import { followCoverages, settleCoverage } from './coverage.js';
import { offerHelp } from './help.js';
import { offerNear } from './near.js';
import { keepPlace, tellBusy } from './busy.js';
import { settleScrollers } from './scrollers.js';
import { followRuns, settleRuns } from './run.js';

// First of all: what is not saved is asked about before anything else happens.
guardForms(document);
takeSituations(document);
foldStrips(document);
openFolds(document);
listenForKeys(document);
tellWhenNotSent(document);
tellBusy(document);
keepPlace(document);
tellZone();
listenForGround(document);
submitOnChange(document);
moveByArrows(document);
moveFielders(document);
moveBalls(document);
readPlayMaps(document);
arrangePractices(document);
changePlaces(document);
selectAll(document);
countByThumb(document);
followRuns(document);
followTries(document);
giveJobs(document);
offerHelp(document);
followCoverages(document);
function settle(part) {
    startClocks(part);
    offerNear(document);
    placeNames(document);
    placeTicks(document);
    settleFolds(document);
    startStopwatches(document);
    rememberTries(document);
    settleRuns(document);
    settleCoverage(document);
    settleScrollers(document);
    settleStrip(document);
    showCounts(document);
    // Whoever has signed in again, wherever that led to.
    if (waitingCounts() > 0) sendCounts(document);
    settleSituation(document);
}
function fit() {
    settleScrollers(document);
    placeTicks(document);
}
addEventListener('resize', fit);
document.fonts.ready.then(fit);
document.addEventListener('htmx:load', (event) => settle(event.detail.elt));
settle(document);
