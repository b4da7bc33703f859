// What runs in the browser: page changes without a reload, keys, the play's clock, touching the ground.
import 'htmx.org/dist/htmx.esm.js';
import { listenForKeys } from './keys.js';
import { startClocks } from './clock.js';
import { listenForGround } from './ground.js';
import { submitOnChange } from './context.js';

listenForKeys(document);
listenForGround(document);
submitOnChange(document);
document.addEventListener('htmx:load', (event) => startClocks(event.detail.elt));
startClocks(document);
