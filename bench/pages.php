<?php

declare(strict_types=1);

require __DIR__ . '/figures.php';

$base = 'http://127.0.0.1:' . $argv[1];
$bytes = 0;
// One connection and its cookies for all that is asked, as a browser has.
$curl = curl_init();

/**
 * @param array<string, string> $fields sent by PUT when given
 */
$ask = static function (string $path, array $fields = []) use ($base, $curl, &$bytes): string {
    curl_reset($curl);
    curl_setopt_array($curl, [
        CURLOPT_URL => $base . $path, CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_ENCODING => 'gzip',
        CURLOPT_HTTPHEADER => ['HX-Request: true', 'Sec-Fetch-Site: same-origin'],
    ]);
    if ($fields !== []) {
        curl_setopt_array($curl, [CURLOPT_CUSTOMREQUEST => 'PUT', CURLOPT_POSTFIELDS => http_build_query([...$fields, 'end' => '1'])]);
    }
    $body = (string) curl_exec($curl);
    $bytes = curl_getinfo($curl, CURLINFO_SIZE_DOWNLOAD_T);
    if (!in_array(curl_getinfo($curl, CURLINFO_RESPONSE_CODE), [200, 302], true)) {
        throw new RuntimeException("{$path} answered " . curl_getinfo($curl, CURLINFO_RESPONSE_CODE));
    }

    return $body;
};
$found = static fn (string $pattern, string $html): string => preg_match($pattern, $html, $matches) === 1 ? $matches[1] : throw new RuntimeException("No {$pattern}");

/**
 * An edit again and again, each made from where the one before led, and sent as the page sends it.
 *
 * @param array<string, string> $first what the first one types besides
 */
$edits = static function (string $shot, array $first) use ($ask, $found): Closure {
    $page = $ask($shot);
    $turn = 0;

    return static function () use (&$page, &$turn, &$first, $ask, $found, $shot): void {
        $page = $ask($shot, [
            'revision' => $found('/name="revision" value="(\d+)"/', $page), 'structure' => $found('/"structure":"([0-9a-f]+)"/', $page),
            'key' => sprintf('00000000-0000-4000-8000-%012x', random_int(0, 2 ** 47)),
            'plan[timing][interval_s]' => $turn++ % 2 === 0 ? '7' : '8', ...$first,
        ]);
        $first = [];
    };
};

// The demo's first shot, as its shoot's page links to it.
$shoot = $found('~(/shoots/\d+)~', $ask('/'));
$shot = $found('~(/shoots/\d+/shots/\d+)"[^>]*>Flood~', $ask($shoot));

// Each of the server's workers has to have answered some of each before it counts.
$unmeasured = 60;
$empty = 'an empty route with a session';
figuresInTurn(200, $unmeasured, ['an empty route' => static fn (): string => $ask('/up')]);
foreach ([500, 1_000, 2_000] as $photos) {
    $what = number_format($photos) . ' photos: a changed interval, saved and answered';
    $edit = $edits($shot, ['plan[timing][photos]' => (string) ($photos - 24), 'plan[timing][exposure_s]' => '0.8']);
    $slow = figuresInTurn(200, $unmeasured, [$empty => static fn (): string => $ask('/look', ['look' => 'day']), $what => $edit]);
    printf("%-66s %5.1f times\n", '   its slow end, by that of the empty route', $slow[$what] / $slow[$empty]);
    printf("%-66s %5.1f kB\n", '   its answer over the wire', $bytes / 1_000);
}
figures('2,000 photos: the whole page', 40, static fn (): string => $ask($shot));
figures('2,000 photos: a page of the schedule', 40, static fn (): string => $ask($shot . '/schedule?page=20'));
figures('2,000 photos: the schedule as CSV', 20, static fn (): string => $ask($shot . '/schedule.csv'));
figures('the shoot with its day line and four shots', 40, static fn (): string => $ask($shoot));

$dusk = $found('~(/shoots/\d+/shots/\d+)"[^>]*>Dusk~', $ask($shoot));
figures('1,000 photos in falling light: a changed interval, saved and answered', 100, $edits($dusk, ['plan[timing][photos]' => '976']));
printf("%-66s %5.1f kB\n", '   its answer over the wire', $bytes / 1_000);
figures('1,000 photos in falling light: the schools side by side', 40, static fn (): string => $ask($dusk . '/schools'));
