<?php

declare(strict_types=1);

// Takes under fire, one after another: php tests/Endurance/takes.php HOW_MANY FIRST_SEED. Ends with 1 when anything was wrong with any.

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tests\Core\Plans;
use Tests\Devices\TakeUnderFire;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

[$runs, $first] = [(int) ($argv[1] ?? 1000), (int) ($argv[2] ?? 1)];
$faults = [
    [], [], [['kind' => 'connection_lost', 'frame' => 9, 'seconds' => 40]], [['kind' => 'power_cut', 'frame' => 7, 'seconds' => 40]],
    [['kind' => 'slow_reply', 'frame' => 4, 'frames' => 5, 'seconds' => 4]], [['kind' => 'limit_hit', 'frame' => 6]],
];
$victims = [['run'], ['rig'], ['camera'], ['run', 'rig'], ['run', 'rig', 'camera']];
$bad = 0;
for ($seed = $first; $seed < $first + $runs; $seed++) {
    $chance = new Randomizer(new Xoshiro256StarStar($seed));
    $pick = static fn (array $from): mixed => $from[$chance->getInt(0, count($from) - 1)];
    /** @var list<'run'|'rig'|'camera'> $mayDie */
    $mayDie = $pick($victims);
    /** @var list<array<string, mixed>> $goesWrong */
    $goesWrong = $pick($faults);
    $isDeaf = $chance->getInt(0, 3) === 0 && !in_array('camera', $mayDie, true);
    $plan = Plans::with([
        '/timing/photos' => $chance->getInt(15, 50), '/timing/head_photos' => $chance->getInt(0, 3), '/timing/tail_photos' => $chance->getInt(0, 3),
        '/timing/mode' => $chance->getInt(0, 2) === 0 ? 'continuous' : 'shoot_move_shoot',
    ]);
    $take = new TakeUnderFire($plan, $seed, $chance->getInt(100, 1_000), $goesWrong, isDeaf: $isDeaf);
    $take->run($chance->getInt(0, 5), $mayDie);
    $isCreeping = !$plan->timing->mode->stops();
    $wrong = [...$take->wrong(in_array('camera', $mayDie, true)), ...($isCreeping ? [] : $take->outOfPlace())];
    if ($take->ended() !== 'complete' || $wrong !== []) {
        $bad++;
        copy($take->logPath(), sys_get_temp_dir() . "/evrent-bad-{$seed}.jsonl");
    }
    printf(
        "%d: %s%s, killed %s%s%s\n",
        $seed,
        $take->ended() ?? 'NOT ENDED',
        $isDeaf ? ', deaf' : '',
        $take->kills === [] ? 'nobody' : implode(' ', $take->kills),
        $goesWrong === [] ? '' : ', ' . json_encode($goesWrong, JSON_THROW_ON_ERROR),
        $wrong === [] ? '' : '  WRONG: ' . implode('; ', array_slice($wrong, 0, 5)),
    );
}
printf("%d runs, %d wrong\n", $runs, $bad);
exit($bad === 0 ? 0 : 1);
