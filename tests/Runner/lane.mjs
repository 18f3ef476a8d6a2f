// The test files named in EVRENT_TEST_FILES, one after another in one process, so that they share one browser.
for (const file of process.env.EVRENT_TEST_FILES.split(' ')) await import(new URL(`../../${file}`, import.meta.url).href);
