import Alpine from '@alpinejs/csp';
import htmx from 'htmx.org';
import bench from './bench/bench.js';
import { run } from './bench/run.js';
import { followViews } from './bench/views.js';
import { listen } from './bench/channel.js';
import { dayLine } from './day.js';
import { listenForNew, listenToForms } from './forms.js';
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
Alpine.data('dayLine', dayLine);
listen();
listenToForms();
listenForNew();
followMessages();
Alpine.start();
followViews();
startOutbox();
keepPages();
// The run room alone needs it: no other page waits for it.
if (document.querySelector('[data-room]')) import('./room.js').then(({ followRoom }) => followRoom());
