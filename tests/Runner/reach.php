<?php

declare(strict_types=1);

// What a coverage map cannot see: which tests reach templates, scripts, style sheets, SQL and what runs in a process of its own. The first
// pattern that fits a path counts; a file of tests, or a check of bin/test by its name. For sources in PHP these tests come on top of those
// by the map.

return [
    // Views
    'resources/views/clip/*' => ['tests/Feature/ClipTest.php', 'tests/Browser/clip.test.mjs'],
    'resources/views/photos/*' => ['tests/Feature/PhotosTest.php', 'tests/Browser/photos.test.mjs'],
    'resources/views/takes/*' => ['tests/Feature/TakeTest.php', 'tests/Feature/UnderWayTest.php', 'tests/Feature/DeviceCheckTest.php', 'tests/Browser/takes.test.mjs'],
    'resources/views/shots/views/run*' => ['tests/Feature/ShotPageTest.php', 'tests/Feature/ScheduleAndRunTest.php', 'tests/Browser/takes.test.mjs'],
    'resources/views/shots/views/light*' => ['tests/Feature/ShotPageTest.php', 'tests/Feature/LightAndSkyTest.php', 'tests/Browser/fields.test.mjs'],
    'resources/views/shots/views/frame*' => ['tests/Feature/ShotPageTest.php', 'tests/Browser/picture.test.mjs'],
    'resources/views/shots/views/pack*' => ['tests/Feature/ShotPageTest.php', 'tests/Feature/KitAndTrialTest.php', 'tests/Browser/fields.test.mjs'],
    'resources/views/shots/*' => ['tests/Feature/ShotPageTest.php', 'tests/Feature/ViewsTest.php', 'tests/Browser/fields.test.mjs'],
    'resources/views/shoots/*' => ['tests/Feature/ShootPageTest.php', 'tests/Feature/FirstPageTest.php', 'tests/Feature/DayTest.php', 'tests/Browser/newcomer.test.mjs'],
    'resources/views/kit/*' => ['tests/Feature/KitAndTrialTest.php'],
    'resources/views/trials/*' => ['tests/Feature/KitAndTrialTest.php'],
    'resources/views/presets/*' => ['tests/Feature/PresetAndHistoryTest.php'],
    'resources/views/settings/*' => ['tests/Feature/SettingsTest.php', 'tests/Browser/newcomer.test.mjs'],
    'resources/views/cards/*' => ['tests/Feature/CardsTest.php'],
    'resources/views/runs/*' => ['tests/Feature/ScheduleAndRunTest.php'],
    'resources/views/errors/*' => ['tests/Feature/AddressesTest.php', 'tests/Feature/TrustTest.php'],
    'resources/views/*' => ['tests/Feature/ViewsTest.php', 'tests/Feature/ShotPageTest.php', 'tests/Feature/ShootPageTest.php', 'tests/Browser/journey.test.mjs'],
    'resources/icons/*' => ['tests/Feature/ViewsTest.php'],
    // Styles and scripts
    'resources/css/*' => ['looks'],
    'resources/js/bench/projection.js' => ['tests/Browser/projection.test.mjs', 'tests/Browser/bench.test.mjs'],
    'resources/js/bench/*' => ['tests/Browser/bench.test.mjs', 'tests/Browser/fields.test.mjs'],
    'resources/js/clip*' => ['tests/Browser/clip.test.mjs'],
    'resources/js/outbox.js' => ['tests/Browser/fields.test.mjs', 'tests/Browser/offline.test.mjs', 'tests/Endurance/typing.test.mjs'],
    'resources/js/*' => ['tests/Browser/journey.test.mjs', 'tests/Browser/fields.test.mjs', 'tests/Browser/offline.test.mjs'],
    'package*.json' => ['browser'],
    'vite.config.js' => ['browser'],
    // SQL and what new shots start from
    'database/migrations/*' => ['pages'],
    'database/seeders/*' => ['tests/Feature/FirstPageTest.php', 'tests/Feature/ShootPageTest.php', 'tests/Core/Presets/RecipesFitTest.php'],
    'resources/plans/*' => ['tests/Core/Presets/TransferTest.php', 'tests/Core/Presets/RecipesFitTest.php', 'tests/Feature/ShootPageTest.php'],
    // What runs in processes of its own
    'devices/Simulators/*' => ['tests/Devices/DevicesOnTheLineTest.php', 'tests/Devices/TakeTest.php'],
    'devices/Links/*' => ['tests/Devices/DevicesOnTheLineTest.php', 'tests/Devices/TakeTest.php'],
    'devices/Protocol/*' => ['tests/Devices/DevicesOnTheLineTest.php'],
    'devices/Running/*' => ['tests/Devices/TakeTest.php', 'tests/Devices/TwoHandsTest.php'],
    'devices/Processes/*' => ['tests/Devices/HostileNamesTest.php', 'tests/Devices/FilmTest.php', 'tests/Feature/PhotosTest.php'],
    'devices/Photos/*' => ['tests/Feature/PhotosTest.php', 'tests/Feature/HostileFoldersTest.php', 'tests/Devices/HostileNamesTest.php'],
    'devices/Film/*' => ['tests/Devices/FilmTest.php'],
    'app/Console/*' => ['tests/Feature/TakeTest.php'],
    'app/Jobs/*' => ['tests/Feature/ClipTest.php'],
    'cli/*' => ['tests/Cli/CommandLineTest.php', 'tests/Cli/RunCommandTest.php'],
    // Tests
    'tests/fixtures/projection.json' => ['tests/Browser/projection.test.mjs'],
    'tests/fixtures/*' => ['tests/Core/Schedule/ExamplesTest.php', 'tests/Cli/CommandLineTest.php'],
    'tests/Browser/support.mjs' => ['tests/Browser/journey.test.mjs'],
    'tests/Architecture/*' => ['tests/Core/RoomsTest.php', 'types'],
    'tests/Runner/*' => ['tests/Core/Schedule/ExamplesTest.php', 'tests/Browser/projection.test.mjs'],
    // Papers
    'docs/*' => ['tests/Core/DocumentsTest.php'],
    '*.md' => ['tests/Core/DocumentsTest.php'],
];
