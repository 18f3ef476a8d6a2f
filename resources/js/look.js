/** The colours of the browser's own frame, by look. */
const frames = { day: '#dfe6e2', dusk: '#141b26', night: '#000000' };

export function followLook() {
  document.addEventListener('submit', (event) => {
    const form = event.target.closest('form.looks');
    if (!form) return;
    event.preventDefault();
    const look = event.submitter.value;
    document.documentElement.dataset.look = look;
    document.querySelector('meta[name="color-scheme"]').content = look === 'day' ? 'light' : 'dark';
    document.querySelector('meta[name="theme-color"]').content = frames[look];
    form.querySelectorAll('button').forEach((button) => button.setAttribute('aria-pressed', String(button === event.submitter)));
    // The cookie that the server reads, so that the next page is in this look from its first byte.
    document.cookie = `evrent_look=${look}; path=/; max-age=31536000; samesite=lax`;
    document.dispatchEvent(new Event('look-changed'));
  });
}
