<?php

declare(strict_types=1);

require __DIR__ . '/figures.php';

$base = (string) $argv[1];
$cookies = tempnam(sys_get_temp_dir(), 'evrent');
$bytes = 0;

/**
 * @param array<string, string> $fields sent by PUT when given
 */
$ask = static function (string $path, array $fields = []) use ($base, $cookies, &$bytes): string {
    $curl = curl_init($base . $path);
    curl_setopt_array($curl, [
        CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => $cookies, CURLOPT_COOKIEJAR => $cookies, CURLOPT_HTTPHEADER => ['HX-Request: true', 'Sec-Fetch-Site: same-origin'], CURLOPT_ENCODING => 'gzip',
    ]);
    if ($fields !== []) {
        curl_setopt_array($curl, [CURLOPT_CUSTOMREQUEST => 'PUT', CURLOPT_POSTFIELDS => http_build_query([...$fields, 'end' => '1'])]);
    }
    $body = (string) curl_exec($curl);
    $bytes = (int) curl_getinfo($curl, CURLINFO_SIZE_DOWNLOAD_T);
    if (curl_getinfo($curl, CURLINFO_RESPONSE_CODE) !== 200) {
        throw new RuntimeException("{$path} answered " . curl_getinfo($curl, CURLINFO_RESPONSE_CODE));
    }

    return $body;
};
$field = static fn (string $html, string $name): string => preg_match("/name=\"{$name}\"[^>]*value=\"([^\"]*)\"/", $html, $found) === 1 ? $found[1] : '';

// The demo's first shot, as its shoot's page links to it.
preg_match('~/shoots/\d+~', $ask('/'), $shoot);
preg_match('~/shots/\d+~', $ask($shoot[0]), $shot);

figures('an empty route', 200, static fn (): string => $ask('/up'));
foreach ([500, 1_000, 2_000] as $photos) {
    $turn = 0;
    $revision = $field($ask($shot[0]), 'revision');
    $change = static function () use (&$turn, &$revision, $ask, $shot, $field, $photos): void {
        $html = $ask($shot[0], [
            'revision' => $revision, 'plan[timing][photos]' => (string) ($photos - 24),
            'plan[timing][interval_s]' => $turn++ % 2 === 0 ? '7' : '8', 'plan[timing][exposure_s]' => '0.8',
        ]);
        $revision = $field($html, 'revision');
    };
    figures(number_format($photos) . ' photos: a changed interval, saved and answered', 60, $change);
}
figures('2,000 photos: the whole page', 40, static fn (): string => $ask($shot[0]));
figures('2,000 photos: a page of the schedule', 40, static fn (): string => $ask($shot[0] . '/schedule?page=20'));
figures('2,000 photos: the schedule as CSV', 20, static fn (): string => $ask($shot[0] . '/schedule.csv'));
figures('the shoot with its day line and four shots', 40, static fn (): string => $ask($shoot[0]));

preg_match('~(/shots/\d+)"[^>]*>Dusk~', $ask($shoot[0]), $dusk);
$turn = 0;
$revision = $field($ask($dusk[1]), 'revision');
figures('1,000 photos in falling light: a changed interval, saved and answered', 40, static function () use (&$turn, &$revision, $ask, $dusk, $field): void {
    $html = $ask($dusk[1], [
        'revision' => $revision, 'plan[timing][photos]' => '976',
        'plan[timing][interval_s]' => $turn++ % 2 === 0 ? '7' : '8',
    ]);
    $revision = $field($html, 'revision');
});
printf("%-66s %5.1f kB\n", '   its answer over the wire', $bytes / 1_000);
figures('1,000 photos in falling light: the schools side by side', 40, static fn (): string => $ask($dusk[1] . '/schools'));
unlink($cookies);
