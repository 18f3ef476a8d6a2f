import Alpine from '@alpinejs/csp';
import htmx from 'htmx.org';
import bench from './bench/bench.js';
import { run } from './bench/run.js';
import { listenForSums } from './bench/sums.js';
import { followViews } from './bench/views.js';
import { listen } from './bench/channel.js';
import { listenForNew, listenToForms, sendPart } from './forms.js';
import { keepPages } from './kept.js';
import { followLook } from './look.js';
import { followMessages } from './messages.js';
import { startOutbox } from './outbox.js';
import { followTouches } from './parts.js';

window.htmx = htmx;

document.documentElement.classList.add('scripted');

followTouches();
followLook();
Alpine.store('run', run());
Alpine.data('bench', bench);
// The page of a shoot alone has a day to draw.
if (document.querySelector('[x-data=dayLine]')) Alpine.data('dayLine', (await import('./day.js')).dayLine(sendPart));
listen();
listenToForms();
listenForNew();
listenForSums();
followMessages();
Alpine.start();
followViews();
startOutbox();
keepPages();
// The page of a shoot alone has a place to find.
if (document.getElementById('places-found')) import('./places.js').then(({ followPlaces }) => followPlaces());
// The page of photos alone has a contact sheet and takes uploads.
if (document.querySelector('[data-contact-sheet]')) import('./sheet.js').then(({ followSheet }) => followSheet());
if (document.querySelector('[data-upload]')) import('./upload.js').then(({ followUpload }) => followUpload(document.querySelector('[data-upload]')));
if (document.querySelector('[data-proxy]')) import('./clip.js').then(({ followClip }) => followClip());
const stop = document.querySelector('[data-stop]');
if (stop) import('./stop.js').then(({ followStop }) => followStop(stop));
// The run room alone needs it: no other page waits for it.
if (document.querySelector('.trials')) import('./trials.js').then(({ followTrials }) => followTrials());
if (document.querySelector('[data-room]')) import('./room.js').then(({ followRoom }) => followRoom());
