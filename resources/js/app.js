import Alpine from 'alpinejs';
import htmx from 'htmx.org';
import bench from './bench/bench.js';
import { run } from './bench/run.js';
import { listen } from './bench/channel.js';
import { dayLine } from './day.js';
import { followMessages } from './messages.js';

window.htmx = htmx;

document.documentElement.classList.add('scripted');

window.setLook = (button) => {
  document.documentElement.dataset.look = button.value;
  document.querySelector('meta[name="color-scheme"]').content = button.value === 'day' ? 'light' : 'dark';
  button.form.querySelectorAll('button').forEach((other) => other.setAttribute('aria-pressed', String(other === button)));
  // The cookie that the server reads, so that the next page is in this look from its first byte.
  document.cookie = `evrent_look=${button.value}; path=/; max-age=31536000; samesite=lax`;
  document.dispatchEvent(new Event('look-changed'));
};

Alpine.store('run', run());
Alpine.data('bench', bench);
Alpine.data('dayLine', dayLine);
listen();
followMessages();
Alpine.start();
