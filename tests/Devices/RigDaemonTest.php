<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Plan\Plan;
use Evrent\Devices\Daemon\Answer;
use Evrent\Devices\Daemon\Daemons;
use Evrent\Devices\Links\DeviceGone;
use Evrent\Devices\Links\GcodeRig;
use Evrent\Devices\Protocol\Gcode\Dialect;
use Evrent\Devices\Running\DeviceLocks;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * A rig in hand: windows that drive it through its daemon, on a simulated rig of its own.
 */
final class RigDaemonTest extends TestCase
{
    private const AN = 'first-window';
    private const OTHER = 'second-window';

    private DeviceProcess $rig;
    private DaemonProcess $daemon;
    private string $key;
    private string $plan;
    private int $number = 0;

    protected function setUp(): void
    {
        $this->plan = sys_get_temp_dir() . '/evrent-hand-' . bin2hex(random_bytes(6)) . '.json';
        file_put_contents($this->plan, self::planText());
        $this->rig = new DeviceProcess(['rig', '--port=0', '--speed=1000', "--plan={$this->plan}"]);
        $this->daemon = new DaemonProcess();
        $this->key = Daemons::keyOfRig($this->rig->address);
    }

    protected function tearDown(): void
    {
        $this->daemon->kill();
        $this->rig->kill();
        unlink($this->plan);
    }

    public function testItIsDrivenByOneWindowAtATimeWithinItsTravel(): void
    {
        $opened = $this->open();
        self::assertSame([false, null], [$opened->fields['knows_place'], $opened->problem()]);
        self::assertSame('devices.rig.home_first', (string) $this->steer(['slide' => 1.0])->problem());
        $this->homed();

        // Held for a while, it goes; let go of, it stands within what braking takes.
        $from = $this->positions();
        $this->hold(['slide' => 0.5], fn (): bool => $this->positions()['slide'] > $from['slide'] + 2.0);
        self::assertSame('devices.rig.other_window', (string) $this->steer(['slide' => 1.0], self::OTHER)->problem());
        $this->steer([]);
        $stands = $this->daemon->stands($this->key)->numbers('positions');
        self::assertGreaterThan($from['slide'] + 2.0, $stands['slide']);
        self::assertSame($from['pan'], $stands['pan']);

        self::assertSame('units.sentences(first: motion.axis.outside(axis: axes.slide, min: 0, max: 1200 mm), last: devices.rig.nothing_moved)', (string) $this->ask('drive', ['positions' => ['slide' => 5_000.0]])->problem());
        self::assertStringContainsString('devices.rig.no_such_axis(id: bow)', (string) $this->ask('drive', ['positions' => ['bow' => 1.0]])->problem());
        self::assertStringContainsString('devices.rig.photo(end:', (string) $this->ask('drive', ['photo' => 100_000])->problem());
        self::assertSame($stands, $this->daemon->stands($this->key)->numbers('positions'));

        // By one motor step of the rig's own.
        self::assertNull($this->ask('step', ['axis' => 'slide', 'count' => 1])->problem());
        self::assertEqualsWithDelta($stands['slide'] + 1.0 / 80.0, $this->daemon->stands($this->key)->numbers('positions')['slide'], 0.001);
        self::assertStringContainsString('devices.rig.steps', (string) $this->ask('step', ['axis' => 'bow', 'count' => 1])->problem());
        self::assertStringContainsString('devices.rig.unknown_command', (string) $this->ask('dance')->problem());

        // Whoever leaves it leaves it to the next.
        $this->ask('leave');
        self::assertNull($this->ask('drive', ['photo' => 1], self::OTHER)->problem());
        $stands = $this->daemon->stands($this->key)->numbers('positions');
        self::assertEqualsWithDelta(self::plan()->move->keyframes[0]->positions['slide'], $stands['slide'], 0.02);
    }

    public function testAWordThatWasOvertakenOrComesLateMovesNothing(): void
    {
        $now = $this->homed()->fields['now'];
        self::assertIsFloat($now);
        $from = $this->positions();
        $this->number = 10;
        $this->steer([]);
        foreach ([['n' => 3], ['n' => 20, 'at' => $now - 5.0]] as $late) {
            $answer = $this->daemon->ask($this->key, ['do' => 'steer', 'who' => self::AN, 'shares' => ['slide' => 1.0]] + $late);
            self::assertSame([null, '', false], [$answer->problem(), $answer->fields['doing'], $answer->fields['moves']]);
        }
        // A page that has gone does not take it again by what was still on its way.
        $this->daemon->ask($this->key, ['do' => 'leave', 'who' => self::AN, 'n' => 40]);
        $this->daemon->ask($this->key, ['do' => 'steer', 'who' => self::AN, 'shares' => ['slide' => 1.0], 'n' => 39]);
        self::assertNull($this->steer([], self::OTHER)->problem());
        $this->letGo();
        self::assertSame($from, $this->reached()->status()->positions);
    }

    #[Group('turn-3')]
    public function testStopBrakesWhateverItDoesAndWhoeverPressesIt(): void
    {
        $this->homed();
        foreach ([['drive', ['positions' => ['slide' => 900.0]]], ['pass', ['seconds' => 40.0, 'loops' => true]], ['home', []]] as [$do, $more]) {
            $from = $this->positions();
            self::assertNull($this->ask($do, $more)->problem());
            $this->daemon->until($this->key, fn (Answer $now): bool => abs(($now->numbers('positions')['slide'] ?? $from['slide']) - $from['slide']) > 2.0);
            self::assertNull($this->daemon->ask($this->key, ['do' => 'stop'])->problem());
            $stood = $this->daemon->stands($this->key);
            self::assertSame('', $stood->fields['doing']);
            self::assertTrue($do === 'home' || $stood->fields['knows_place'] === true, 'it knows where it stands');
            $this->letGo();
            $link = $this->reached();
            self::assertSame($stood->numbers('positions'), $link->status()->positions, "{$do}: it stays where it is");
            $link->disconnect();
            self::assertNull($this->open()->problem());
        }
    }

    #[Group('turn-3')]
    public function testAStopHoldsUntilEveryHandHasLetGo(): void
    {
        $this->homed();
        $from = $this->positions()['slide'];
        $this->hold(['slide' => 1.0], fn (): bool => $this->positions()['slide'] > $from + 1.0);
        // Another window presses Stop while the button is still held.
        $this->daemon->ask($this->key, ['do' => 'stop']);
        for ($until = microtime(true) + 10.0; $this->steer(['slide' => 1.0])->fields['moves'] === true && microtime(true) < $until; usleep(20_000)) {
            // Held on and on.
        }
        $stood = $this->positions();
        for ($word = 0; $word < 10; $word++) {
            $answer = $this->steer(['slide' => 1.0]);
            self::assertSame(['devices.rig.was_stopped', false], [(string) $answer->problem(), $answer->fields['moves']]);
        }
        self::assertSame($stood, $this->positions());
        $this->steer([]);
        self::assertNull($this->steer(['slide' => 1.0])->problem(), 'pressed again, it goes');
        $this->hold(['slide' => 1.0], fn (): bool => $this->positions()['slide'] > $stood['slide'] + 1.0);
        // Let go while it brakes, and pressed again at once when it stands.
        $this->daemon->ask($this->key, ['do' => 'stop']);
        $this->steer([]);
        $this->daemon->stands($this->key);
        self::assertSame([null, 'jogs'], [($answer = $this->steer(['slide' => 1.0]))->problem(), $answer->fields['doing']]);
        $this->steer([]);
        // Let go just before the stop.
        $this->daemon->ask($this->key, ['do' => 'stop']);
        $this->daemon->stands($this->key);
        self::assertNull($this->steer(['slide' => 1.0])->problem());
        $this->steer([]);
        self::assertStringContainsString('devices.rig.other_window', (string) $this->ask('release', who: self::OTHER)->problem());
        self::assertSame(self::AN, $this->daemon->ask($this->key, ['do' => 'status'])->fields['holder']);
    }

    #[Group('turn-1')]
    public function testItFollowsTheCursorAndRunsThroughTheMove(): void
    {
        $this->homed();
        $plan = self::plan();
        $last = $plan->photosTotal();
        foreach ([60, 45, 70] as $photo) {
            for ($tries = 0; $tries < 300; $tries++) {
                $this->ask('scrub', ['photo' => $photo]);
                usleep(40_000);
                if (abs($this->positions()['slide'] - self::slideAt($photo)) < 0.02) {
                    break;
                }
            }
            self::assertEqualsWithDelta(self::slideAt($photo), $this->positions()['slide'], 0.02, "photo {$photo}");
        }
        $this->daemon->stands($this->key);
        self::assertSame('devices.rig.two_photos(last: 240)', (string) $this->ask('pass', ['from' => 1, 'to' => 1, 'seconds' => 3.0])->problem());
        self::assertSame('devices.rig.seconds', (string) $this->ask('pass', ['seconds' => 0.0])->problem());
        self::assertNull($this->ask('pass', ['from' => 70, 'to' => 40, 'seconds' => 2.0])->problem());
        self::assertSame('devices.rig.under_way', (string) $this->ask('drive', ['photo' => $last])->problem());
        self::assertEqualsWithDelta(self::slideAt(40), $this->daemon->stands($this->key)->numbers('positions')['slide'], 0.02);
    }

    public function testDaemonsThatAreKilledLeaveTheRigAtRest(): void
    {
        $this->homed();
        $from = $this->positions()['slide'];
        $this->hold(['slide' => 1.0], fn (): bool => $this->positions()['slide'] > $from + 2.0);
        $this->daemon->kill();
        $link = $this->reached();
        // How soon is tested in virtual time (JogOnTheRigTest).
        for ($until = microtime(true) + 10.0; $link->status()->state !== 'Idle' && microtime(true) < $until; usleep(10_000)) {
            // It brakes at the end of what it was sent.
        }
        self::assertSame('Idle', $link->status()->state);
        $link->disconnect();
        $this->daemon = new DaemonProcess();
        self::assertTrue($this->open()->fields['knows_place'], 'and the next knows where it stands');
    }

    #[Group('turn-0')]
    public function testWhoeverNeedsItGetsItOnceItStands(): void
    {
        $this->homed();
        self::assertNull(DeviceLocks::take($this->rig->address, ''), 'the daemon owns it');
        $this->ask('drive', ['positions' => ['slide' => 600.0]]);
        self::assertFalse($this->daemon->daemons->release($this->key), 'not while it moves');
        $this->daemon->ask($this->key, ['do' => 'stop']);
        $this->daemon->stands($this->key);
        $this->letGo();
        $locks = DeviceLocks::take($this->rig->address, '');
        self::assertNotNull($locks);
        self::assertSame('devices.daemon.rig_in_use', (string) $this->open()->problem());
        $locks->letGo();
        self::assertNull($this->open()->problem());
    }

    public function testAFolderWithALongNameHasItsSocketsElsewhere(): void
    {
        $long = sys_get_temp_dir() . '/' . str_repeat('a-long-name-', 8);
        $daemon = new DaemonProcess($long);
        self::assertStringStartsWith('/tmp/evrent-', $daemon->daemons->path('rig-0123456789ab'));
        self::assertSame((new Daemons($long))->folder, $daemon->daemons->folder, 'the pages find it by the same name');
        self::assertNotSame((new Daemons("{$long}2"))->folder, $daemon->daemons->folder);
        self::assertNotNull($daemon->daemons->ask(Daemons::KEEPER, ['do' => 'status']));
    }

    #[Group('turn-2')]
    public function testADeviceThatDoesNotAnswerHoldsNoOtherUpAndTwoWindowsShareOne(): void
    {
        $daemon = new DaemonProcess();
        $silent = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($silent);
        $nowhere = (string) stream_socket_get_name($silent, false);
        $waits = $this->asking($daemon, Daemons::keyOfRig($nowhere), $nowhere);
        $rig = new DeviceProcess(['rig', '--port=0', '--speed=200']);
        $also = $this->asking($daemon, Daemons::keyOfRig($rig->address), $rig->address);
        $opened = $daemon->daemons->open(Daemons::keyOfRig($rig->address), $this->opening($rig->address));

        self::assertNull($opened->problem());
        self::assertStringContainsString('"problem":""', (string) fgets($also));
        stream_set_blocking($waits, false);
        self::assertFalse(fgets($waits), 'that one is still being waited for');
        stream_set_blocking($waits, true);
        self::assertStringContainsString('devices.rig.no_answer', (string) fgets($waits));
        $daemon->daemons->release(Daemons::keyOfRig($rig->address));
    }

    /**
     * Somebody else asks for a device, and does not wait here.
     *
     * @return resource
     */
    private function asking(DaemonProcess $daemon, string $key, string $address)
    {
        $line = stream_socket_client('unix://' . $daemon->daemons->path(Daemons::KEEPER));
        self::assertNotFalse($line);
        stream_set_timeout($line, 20);
        fwrite($line, json_encode(['do' => 'open', 'key' => $key] + $this->opening($address), JSON_THROW_ON_ERROR) . "\n");

        return $line;
    }

    /** @return array<string, mixed> */
    private function opening(string $address): array
    {
        return ['kind' => 'rig', 'address' => $address, 'words' => '{}', 'shot' => '1', 'plan' => PlanWriter::toJson(Plans::with([])), 'plan_name' => '1/1'];
    }

    public function testWhatCannotBeHadSaysWhy(): void
    {
        $nobody = $this->daemon->daemons->open(Daemons::keyOfRig('127.0.0.1:9'), ['kind' => 'rig', 'address' => '127.0.0.1:9', 'plan' => self::planText()]);
        self::assertSame('devices.rig.no_answer(address: 127.0.0.1:9)', (string) $nobody->problem());
        $still = $this->daemon->daemons->open($this->key, ['kind' => 'rig', 'address' => $this->rig->address, 'plan' => '{"format": "evrent.plan/1"}']);
        self::assertNotNull($still->problem());
        self::assertSame('devices.daemon.unknown', (string) $this->daemon->daemons->open('../x', ['kind' => 'rig'])->problem());
        self::assertNull($this->open()->problem(), 'and the next may try');
        self::assertNull((new Daemons(''))->ask($this->key, ['do' => 'status']), 'where none run, nobody has it');
        self::assertSame('devices.daemon.not_running', (string) (new Daemons('/nowhere'))->open($this->key, [])->problem());
        $this->rig->kill();
        $gone = $this->daemon->until($this->key, static fn (Answer $answer): bool => $answer->fields['is_gone'] === true);
        self::assertSame('devices.rig.not_responding', (string) $this->ask('home')->problem());
        self::assertStringContainsString('devices.rig.no_answer', (string) $gone->words('trouble'));
    }

    private function open(): Answer
    {
        return $this->daemon->daemons->open($this->key, ['kind' => 'rig', 'address' => $this->rig->address, 'words' => '{}', 'plan' => self::planText(), 'shot' => '7']);
    }

    private function homed(): Answer
    {
        // Before the daemon has it go as fast as ours, its world is: homing is soon over.
        $this->letGo();
        $link = $this->reached();
        if (!$link->status()->knowsItsPlace()) {
            $link->home(static fn () => null);
        }
        $link->disconnect();

        return $this->open();
    }

    /** Its last host may have gone a moment ago. */
    /** Whoever had it last has it for a moment more. */
    private function letGo(): void
    {
        for ($until = microtime(true) + 5.0; !$this->daemon->daemons->release($this->key); usleep(20_000)) {
            self::assertLessThan($until, microtime(true), 'it does not let go');
        }
    }

    private function reached(): GcodeRig
    {
        $link = new GcodeRig(self::plan()->rig, $this->rig->address, Dialect::usual());
        for ($until = microtime(true) + 5.0; microtime(true) < $until; usleep(10_000)) {
            try {
                $link->connect();
                break;
            } catch (DeviceGone) {
                // It is still taken for its host.
            }
        }

        return $link;
    }

    /**
     * @param array<string, mixed> $more
     */
    private function ask(string $do, array $more = [], string $who = self::AN): Answer
    {
        return $this->daemon->ask($this->key, ['do' => $do, 'who' => $who, 'n' => ++$this->number] + $more);
    }

    /**
     * @param array<string, float> $shares
     */
    private function steer(array $shares, string $who = self::AN): Answer
    {
        return $this->ask('steer', ['shares' => $shares], $who);
    }

    /**
     * @param array<string, float> $shares
     * @param callable(): bool     $isEnough
     */
    private function hold(array $shares, callable $isEnough): void
    {
        for ($until = microtime(true) + 15.0; !$isEnough() && microtime(true) < $until; usleep(40_000)) {
            self::assertNull($this->steer($shares)->problem());
        }
        self::assertTrue($isEnough(), 'it goes while it is held');
    }

    /** @return array<string, float> */
    private function positions(): array
    {
        return $this->daemon->ask($this->key, ['do' => 'status'])->numbers('positions');
    }

    private static function slideAt(int $photo): float
    {
        return \Evrent\Core\Schedule\Schedule::of(self::plan())->moves->positions['slide'][$photo - 1];
    }

    private static function plan(): Plan
    {
        return PlanReader::fromJson(self::planText());
    }

    private static function planText(): string
    {
        // A rig that is as fast as tests are patient: by hand, the world goes as ours does.
        return Plans::json(array_merge(...array_map(static fn (int $axis): array => [
            "/rig/axes/{$axis}/max_speed" => 250.0, "/rig/axes/{$axis}/max_acceleration" => 600.0, "/rig/axes/{$axis}/steps_per_unit" => 80,
        ], [0, 1, 2])));
    }
}
