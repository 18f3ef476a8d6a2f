import { phrase } from './catalogue.js';

/** The clips of a test, side by side: all start together, and go round together. */
export function followTrials() {
  const clips = (trial) => [...trial.querySelectorAll('.cell-clip video')];
  const play = (trial) => {
    for (const clip of clips(trial)) {
      clip.currentTime = 0;
      clip.play().catch(() => {});
    }
  };
  document.querySelector('.trials').addEventListener('click', ({ target }) => {
    const button = target.closest('[data-play-clips]');
    if (!button) return;
    const trial = button.closest('.trial');
    const plays = clips(trial).some((clip) => !clip.paused);
    if (plays) clips(trial).forEach((clip) => clip.pause());
    else play(trial);
    button.querySelector('.text').textContent = phrase(plays ? 'scripts.trials.play' : 'scripts.trials.pause');
  });
}
