<?php

declare(strict_types=1);

namespace Tests\Cli;

use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Kit\RigWords;
use Evrent\Core\Plan\Plan;
use Evrent\Devices\Links\DeviceGone;
use Evrent\Devices\Links\GcodeRig;
use Evrent\Devices\Protocol\Gcode\Dialect;
use Evrent\Words\Words;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Devices\DeviceProcess;

/**
 * `bin/evrent jog` on a simulated rig of its own.
 */
final class JogCommandTest extends TestCase
{
    use RunsEvrent;

    private DeviceProcess $device;
    private string $plan;

    protected function setUp(): void
    {
        $this->plan = sys_get_temp_dir() . '/evrent-jog-' . bin2hex(random_bytes(6)) . '.json';
        file_put_contents($this->plan, PlanWriter::toJson(self::plan()));
        $this->device = new DeviceProcess(['rig', '--port=0', "--plan={$this->plan}"]);
    }

    protected function tearDown(): void
    {
        $this->device->kill();
        unlink($this->plan);
    }

    public function testARigThatIsNotHomedOrNotThereMovesNothing(): void
    {
        [$code, $out, $err] = $this->jog(['--steer=slide 1', '--for=0.2s']);
        self::assertSame([1, ''], [$code, $out]);
        self::assertStringContainsString('Home it first', $err);
        [$code, , $err] = $this->evrent(['jog', $this->plan, '--rig=127.0.0.1:1', '--home']);
        self::assertSame(1, $code);
        self::assertStringContainsString(Words::of('devices.rig.no_answer', address: '127.0.0.1:1'), $err);
        foreach ([['--steer=bow 1', '--for=1s'], ['--steer=slide', '--for=1s'], ['--steer=slide 1'], ['--to=slide far']] as $wrong) {
            self::assertSame(2, $this->jog($wrong)[0]);
        }
    }

    #[Group('turn-1')]
    public function testItIsSteeredDrivenAndSteppedWithinItsTravel(): void
    {
        self::assertSame("slide 0, pan 0, tilt 0\n", $this->jog(['--home'])[1]);
        $stands = self::places($this->jog(['--steer=slide 1, pan -0.5', '--for=1s'])[1]);
        // 25 mm/s for a second at most, as braking adds what speeding up has taken; less where the host is late: then the rig brakes meanwhile.
        self::assertGreaterThan(3.0, $stands['slide']);
        self::assertLessThan(29.0, $stands['slide']);
        self::assertEqualsWithDelta(-0.5 * 12.0 / 25.0, $stands['pan'] / $stands['slide'], 0.01);
        self::assertSame("slide 3, pan 0, tilt 1.8\n", $this->jog(['--to=slide 3, pan 0, tilt 1.8'])[1]);
        self::assertSame("slide 3.05, pan 0, tilt 1.8\n", $this->jog(['--steps=slide 8'])[1]);
        self::assertStringStartsWith('slide 0,', $this->jog(['--steer=slide -1', '--for=2s'])[1], 'and no further');
        [$code, , $err] = $this->jog(['--to=slide 5000']);
        self::assertSame(1, $code);
        self::assertStringContainsString(Words::of('devices.rig.beyond', id: 'slide'), $err);
    }

    #[Group('turn-2')]
    public function testAHostThatIsKilledLeavesTheRigAtRest(): void
    {
        $this->jog(['--home']);
        $host = proc_open(
            [PHP_BINARY, dirname(__DIR__, 2) . '/bin/evrent', 'jog', $this->plan, "--rig={$this->device->address}"],
            [['pipe', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
        );
        self::assertNotFalse($host);
        $rig = new GcodeRig(self::plan()->rig, $this->device->address, Dialect::of(new RigWords()));
        // A hand that says on and on where to, for a second and a half.
        for ($until = microtime(true) + 1.5; microtime(true) < $until; usleep(40_000)) {
            fwrite($pipes[0], "slide 1\n");
        }
        proc_terminate($host, SIGKILL);
        proc_close($host);
        for ($until = microtime(true) + 5.0, $reached = false; !$reached && microtime(true) < $until; usleep(10_000)) {
            try {
                $rig->connect();
                $reached = true;
            } catch (DeviceGone) {
                // It has not noticed yet that its host is gone.
                continue;
            }
        }
        // A tenth of a second of lead, and 25 mm/s at 60 mm/s² to brake.
        for ($until = microtime(true) + 1.0; microtime(true) < $until && $rig->status()->state !== 'Idle';) {
            usleep(10_000);
        }
        $stood = $rig->status();
        self::assertSame('Idle', $stood->state);
        self::assertGreaterThan(2.0, $stood->positions['slide']);
        self::assertLessThan(60.0, $stood->positions['slide']);
        self::assertSame($stood->positions, $rig->status()->positions);
        $rig->disconnect();
    }

    /** Short axes, which are homed soon. */
    private static function plan(): Plan
    {
        return Plans::with([
            '/rig/axes/0/max' => 200, '/rig/axes/1/min' => -16, '/rig/axes/1/max' => 16, '/rig/axes/2/min' => -4, '/rig/axes/2/max' => 4,
            '/move/keyframes/0/slide' => 40, '/move/keyframes/1/slide' => 160, '/move/keyframes/0/pan' => 0, '/move/keyframes/1/pan' => 9,
        ]);
    }

    /**
     * @param list<string> $options
     *
     * @return array{int, string, string}
     */
    private function jog(array $options): array
    {
        return $this->evrent(['jog', $this->plan, "--rig={$this->device->address}", ...$options]);
    }

    /**
     * @return array<string, float>
     */
    private static function places(string $said): array
    {
        preg_match_all('/(\w+) (-?[\d.]+)/', $said, $found);

        return array_combine($found[1], array_map(floatval(...), $found[2]));
    }
}
