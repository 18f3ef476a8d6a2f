<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Format\TakeLogLines;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Simulators\Camera\Card;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * A take on simulated devices, each a process of its own, any of which may be killed at any moment; and what can be said of it afterwards by
 * looking at its log and at the card.
 */
final class TakeUnderFire
{
    /** On a machine that does not keep up, the simulated devices fall back as far as to our own speed. */
    private const LONGEST_SECONDS = 240.0;

    private readonly string $folder;
    private readonly Randomizer $chance;

    /** @var list<LogLine> */
    public array $lines = [];

    /** What the run ended with, the last time. */
    public int $exitCode = -1;

    /** @var list<string> what was killed, in its order */
    public array $kills = [];

    /**
     * @param list<array<string, mixed>> $faults evrent.faults/1
     * @param list<string>               $options more for the run
     */
    public function __construct(
        private readonly Plan $plan,
        int $seed,
        private readonly int $speed,
        private readonly array $faults = [],
        private readonly array $options = [],
        private readonly bool $isDeaf = false,
        private readonly int $photosBefore = 0,
    ) {
        $this->chance = new Randomizer(new Xoshiro256StarStar($seed));
        $this->folder = sys_get_temp_dir() . '/evrent-take-' . bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    public function __destruct()
    {
        exec('rm -rf ' . escapeshellarg($this->folder));
    }

    /**
     * Runs it to its end, started anew as often as it is killed.
     *
     * @param list<'run'|'rig'|'camera'> $mayDie
     * @param ?callable(string): mixed   $whenPaused is done once, to the folder of the card, when it has paused
     */
    public function run(int $kills = 0, array $mayDie = [], ?callable $whenPaused = null): void
    {
        file_put_contents("{$this->folder}/plan.json", PlanWriter::toJson($this->plan));
        file_put_contents("{$this->folder}/faults.json", json_encode(['format' => 'evrent.faults/1', 'faults' => $this->faults], JSON_THROW_ON_ERROR));
        if ($this->photosBefore > 0) {
            $card = new Card("{$this->folder}/card");
            for ($n = 0; $n < $this->photosBefore; $n++) {
                $card->put('of an earlier day');
            }
        }
        $ports = self::freePorts(3);
        $camera = $this->camera($ports);
        $rig = $this->rig($ports);
        $run = $this->start($ports, false);
        $end = microtime(true) + self::LONGEST_SECONDS;
        $next = microtime(true) + $this->chance->getInt(300, 1_200) / 1_000;
        while (microtime(true) < $end) {
            usleep(5_000);
            $status = proc_get_status($run);
            if ($whenPaused !== null && str_contains((string) @file_get_contents($this->logPath()), '"order":"pause"')) {
                $whenPaused("{$this->folder}/card");
                $whenPaused = null;
            }
            if (!$status['running']) {
                $this->exitCode = $status['exitcode'];
                $this->read();
                if ($this->ended() !== null) {
                    break;
                }
                $run = $this->start($ports, true);
            }
            if ($kills > 0 && $mayDie !== [] && microtime(true) >= $next) {
                $kills--;
                $next = microtime(true) + $this->chance->getInt(50, 900) / 1_000;
                $who = $mayDie[$this->chance->getInt(0, count($mayDie) - 1)];
                $this->kills[] = $who;
                match ($who) {
                    'run' => proc_terminate($run, SIGKILL),
                    'rig' => $rig->kill(),
                    'camera' => $camera->kill(),
                };
                if ($who === 'rig') {
                    $rig = $this->rig($ports);
                } elseif ($who === 'camera') {
                    $camera = $this->camera($ports);
                }
            }
        }
        proc_terminate($run, SIGKILL);
        proc_close($run);
        $rig->kill();
        $camera->kill();
        $this->read();
    }

    /** How it ended; null when it did not. */
    public function ended(): ?string
    {
        foreach ($this->lines as $line) {
            if ($line->kind === LogKind::Ended) {
                return $line->text('how');
            }
        }

        return null;
    }

    /** How it should have ended, by what its log says of each photo: whole or not. */
    public function shouldEnd(): string
    {
        $states = [];
        foreach ($this->lines as $line) {
            $states[(int) $line->photo] = match (true) {
                $line->kind === LogKind::Outcome => $line->text('state') !== 'uncertain',
                $line->kind === LogKind::NotTaken => false,
                $line->kind === LogKind::Confirmed => true,
                default => $states[(int) $line->photo] ?? false,
            };
        }
        $photos = array_fill_keys(range(1, Schedule::of($this->plan)->photosTotal()), true);

        return count(array_intersect_key(array_filter($states), $photos)) < count($photos) ? 'incomplete' : 'complete';
    }

    /**
     * What is wrong with log and card, in words.
     *
     * @param bool $mayMiss whether photos may be missing: a camera that died took what it had not written with it
     *
     * @return list<string>
     */
    public function wrong(bool $mayMiss): array
    {
        $wrong = [];
        $states = $objects = [];
        foreach ($this->lines as $line) {
            $photo = (int) $line->photo;
            if ($line->kind === LogKind::Outcome) {
                if (isset($states[$photo]) && $states[$photo] !== 'not taken') {
                    $wrong[] = "photo {$photo} was triggered twice";
                }
                $states[$photo] = $line->text('state');
            } elseif ($line->kind === LogKind::NotTaken) {
                $states[$photo] = 'not taken';
            } elseif ($line->kind === LogKind::Confirmed) {
                $states[$photo] = 'confirmed';
            }
            $object = $line->text('object') ?? $line->text('extra');
            if ($object !== null) {
                $wrong = isset($objects[$object]) ? [...$wrong, "{$object} is two photos"] : $wrong;
                $objects[$object] = $photo;
            }
        }
        $leftOut = $this->leftOut();
        $total = Schedule::of($this->plan)->photosTotal();
        for ($photo = 1; $photo <= $total; $photo++) {
            $state = $states[$photo] ?? 'not in the log';
            $isGood = in_array($state, $this->isDeaf ? ['not_confirmed', 'uncertain'] : ['confirmed'], true);
            if (!$isGood && !($mayMiss && $state === 'not taken') && !in_array($photo, $leftOut, true)) {
                $wrong[] = "photo {$photo}: {$state}";
            }
        }
        $card = glob("{$this->folder}/card/DCIM/*/*.JPG");
        $before = array_map(static fn (int $number): string => sprintf('/DCIM/100EVRNT/EVR_%04d.JPG', $number), range(1, max(1, $this->photosBefore)));
        $onCard = array_map(static fn (string $path): string => substr($path, (int) strpos($path, '/DCIM/')), $card === false ? [] : $card);
        $onCard = $this->photosBefore === 0 ? $onCard : array_diff($onCard, $before);
        $known = array_map(static fn (string $object): string => substr($object, (int) strpos($object, '/DCIM/')), array_keys($objects));
        if (!$this->isDeaf) {
            foreach (array_diff($onCard, $known) as $extra) {
                $wrong[] = "{$extra} is no photo of the log";
            }
            foreach (array_diff($known, $onCard) as $gone) {
                $wrong[] = "{$gone} is not on the card";
            }
        }

        return $wrong;
    }

    /** @return list<int> photos that were left out to keep to the clock */
    private function leftOut(): array
    {
        $photos = [];
        foreach ($this->lines as $line) {
            if ($line->kind === LogKind::Skipped) {
                array_push($photos, ...range((int) $line->number('from'), (int) $line->number('to')));
            }
        }

        return $photos;
    }

    /** @return list<string> where a photo was triggered away from its place, by more than two motor steps */
    public function outOfPlace(): array
    {
        $schedule = Schedule::of($this->plan);
        $stands = null;
        $wrong = [];
        foreach ($this->lines as $line) {
            if ($line->kind === LogKind::Arrived) {
                $stands = $line;
            } elseif ($line->kind === LogKind::Intent && $stands !== null) {
                $at = $stands->more['at'] ?? [];
                foreach ($this->plan->rig->axes as $axis) {
                    $planned = $schedule->moves->motorPositionSteps[$axis->id][(int) $line->photo - 1];
                    $real = is_array($at) && is_numeric($at[$axis->id] ?? null) ? (float) $at[$axis->id] : NAN;
                    if (!(abs($real * $axis->stepsPerUnit - $planned) < 2.0)) {
                        $wrong[] = "photo {$line->photo}: {$axis->id} at {$real}";
                    }
                }
            }
        }

        return $wrong;
    }

    /**
     * @return array<int, array{float, float, float}> shutter time, f-number and ISO that each confirmed photo says of itself, by number
     */
    public function exposed(): array
    {
        $tags = json_decode((string) shell_exec('exiftool -q -json -n -ExposureTime -FNumber -ISO -r ' . escapeshellarg("{$this->folder}/card")), true);
        $bySource = is_array($tags) ? array_column($tags, null, 'SourceFile') : [];
        $exposed = [];
        foreach ($this->lines as $line) {
            $object = $line->kind === LogKind::Confirmed ? (string) $line->text('object') : '';
            $of = $bySource["{$this->folder}/card" . substr($object, (int) strpos($object, '/DCIM/'))] ?? null;
            if ($object !== '' && is_array($of)) {
                [$seconds, $fNumber, $iso] = array_map(
                    static fn (string $tag): float => is_numeric($of[$tag] ?? null) ? (float) $of[$tag] : NAN,
                    ['ExposureTime', 'FNumber', 'ISO'],
                );
                $exposed[(int) $line->photo] = [$seconds, $fNumber, $iso];
            }
        }

        return $exposed;
    }

    public function logPath(): string
    {
        return "{$this->folder}/take.jsonl";
    }

    private function read(): void
    {
        $path = $this->logPath();
        $this->lines = is_file($path) && filesize($path) > 0 ? TakeLogLines::read((string) file_get_contents($path))['lines'] : [];
    }

    /**
     * @param list<int> $ports
     */
    private function camera(array $ports): DeviceProcess
    {
        return new DeviceProcess([
            'camera', "--port={$ports[0]}", "--trigger-port={$ports[1]}", "--card={$this->folder}/card",
            "--speed={$this->speed}", "--faults={$this->folder}/faults.json",
        ]);
    }

    /**
     * @param list<int> $ports
     */
    private function rig(array $ports): DeviceProcess
    {
        return new DeviceProcess([
            'rig', "--port={$ports[2]}", "--trigger=127.0.0.1:{$ports[1]}",
            "--speed={$this->speed}", "--faults={$this->folder}/faults.json",
        ]);
    }

    /**
     * @param list<int> $ports
     *
     * @return resource
     */
    private function start(array $ports, bool $isResumed)
    {
        // Killed before its first line was whole, there is nothing to go on with.
        $isNew = !$isResumed || !is_file($this->logPath()) || !str_contains((string) file_get_contents($this->logPath()), "\n");
        if ($isNew && is_file($this->logPath())) {
            unlink($this->logPath());
        }
        $process = proc_open([
            PHP_BINARY, dirname(__DIR__, 2) . '/bin/evrent', 'run', "{$this->folder}/plan.json", "--rig=127.0.0.1:{$ports[2]}",
            $this->isDeaf ? '--camera=deaf' : "--camera=ptp:127.0.0.1:{$ports[0]}", "--log={$this->logPath()}", "--speed={$this->speed}",
            '--fix', '--force', ...($isNew ? $this->options : ['--resume']),
        ], [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', "{$this->folder}/errors", 'a']], $pipes);
        assert($process !== false);

        return $process;
    }

    public function errors(): string
    {
        return (string) @file_get_contents("{$this->folder}/errors");
    }

    /** @return list<int> */
    private static function freePorts(int $count): array
    {
        $ports = $sockets = [];
        for ($n = 0; $n < $count; $n++) {
            $socket = stream_socket_server('tcp://127.0.0.1:0');
            assert($socket !== false);
            $sockets[] = $socket;
            $ports[] = (int) substr((string) stream_socket_get_name($socket, false), strlen('127.0.0.1:'));
        }
        array_map(fclose(...), $sockets);

        return $ports;
    }
}
