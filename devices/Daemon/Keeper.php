<?php

declare(strict_types=1);

namespace Evrent\Devices\Daemon;

use Evrent\Core\Format\PlanReader;
use Evrent\Core\Kit\RigWords;
use Evrent\Core\Messages\Failure;
use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Devices\Links\CameraLinks;
use Evrent\Devices\Links\DeviceGone;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\GcodeRig;
use Evrent\Devices\Protocol\Gcode\Dialect;
use Evrent\Devices\Running\DeviceLocks;
use Evrent\Words\Words;
use RuntimeException;

/**
 * Starts a daemon for each rig and camera that somebody takes in hand. A daemon is a process of its own: one device that is slow holds no other up,
 * and one that dies leaves the others.
 *
 * Asked by `do: open` with `key`, `kind` ("rig" or "camera") and `address`; for a rig also `words` (as the kit has them), `plan` (evrent.plan/1, JSON text)
 * and `shot`. Answers when the device was reached, or with the reason why not.
 */
final class Keeper
{
    private const LOOK_SECONDS = 0.5;

    /** While a device is being reached. */
    private const REACHING_SECONDS = 0.02;
    private const LOCK_SECONDS = 1.5;
    private const LOCK_LOOK_MICROSECONDS = 20_000;

    /** @var array<string, array{line: resource, said: string, replies: list<callable(Answer): void>}> devices that are being reached, by key */
    private array $reaching = [];

    public function __construct(private readonly Daemons $daemons, private readonly Endpoint $endpoint)
    {
    }

    /** Until it is stopped. */
    public function run(): void
    {
        $parent = posix_getppid();
        // Whoever started it is gone: nobody keeps it any more.
        while (posix_getppid() === $parent) {
            $this->endpoint->serve($this->reaching === [] ? self::LOOK_SECONDS : self::REACHING_SECONDS, $this->answer(...));
            $this->hear();
            while (pcntl_waitpid(-1, $status, WNOHANG) > 0) {
                // Daemons that ended.
            }
        }
    }

    /** How it went with those that are being reached: one that does not answer holds no other up. */
    private function hear(): void
    {
        foreach ($this->reaching as $key => ['line' => $line, 'replies' => $replies]) {
            $this->reaching[$key]['said'] .= (string) stream_get_contents($line);
            if (feof($line)) {
                $answer = Answer::read($this->reaching[$key]['said'])
                    ?? new Answer(['problem' => new Message('devices.daemon.not_taken')]);
                array_map(static fn (callable $reply) => $reply($answer), $replies);
                fclose($line);
                unset($this->reaching[$key]);
            }
        }
    }

    /**
     * @param array<array-key, mixed> $fields
     * @param callable(Answer): void  $reply for one that takes a while
     */
    private function answer(array $fields, callable $reply): ?Answer
    {
        $asked = new Question($fields);
        if ($asked->text('do') !== 'open') {
            return new Answer([]);
        }
        if (preg_match('/^(?:rig|camera)-[0-9a-f]{12}$/D', $asked->text('key')) !== 1) {
            return new Answer(['problem' => new Message('devices.daemon.unknown')]);
        }
        if (isset($this->reaching[$asked->text('key')])) {
            // Two windows at once: what the first gets is there for both.
            $this->reaching[$asked->text('key')]['replies'][] = $reply;

            return null;
        }
        // The child says over this pair how it went, and serves then.
        $pair = stream_socket_pair(STREAM_PF_UNIX, STREAM_SOCK_STREAM, 0);
        $process = $pair === false ? -1 : pcntl_fork();
        if ($pair === false || $process < 0) {
            return new Answer(['problem' => new Message('devices.daemon.no_process')]);
        }
        if ($process === 0) {
            fclose($pair[0]);
            $this->become($asked, $pair[1]);
        }
        fclose($pair[1]);
        stream_set_blocking($pair[0], false);
        $this->reaching[$asked->text('key')] = ['line' => $pair[0], 'said' => '', 'replies' => [$reply]];

        return null;
    }

    /**
     * @param resource $line
     */
    private function become(Question $asked, $line): never
    {
        $this->endpoint->leave();
        try {
            $daemon = $this->daemon($asked);
            $this->say($line, $daemon->answer(['do' => 'status']));
            $daemon->run();
        } catch (DeviceGone | DeviceRefused $failed) {
            $this->say($line, new Answer(['problem' => $failed->says]));
        } catch (InvalidInput $invalid) {
            $this->say($line, new Answer(['problem' => Words::say($invalid->problems[0]->message)]));
        }
        exit(0);
    }

    /**
     * @throws DeviceGone
     * @throws DeviceRefused
     * @throws InvalidInput
     */
    private function daemon(Question $asked): RigDaemon|CameraDaemon
    {
        $isRig = $asked->text('kind') === 'rig';
        $address = $asked->text('address');
        $locks = self::locks($isRig ? $address : null, $isRig ? '' : $address);
        $endpoint = Endpoint::listen($this->daemons->path($asked->text('key'))) ?? throw new RuntimeException('its socket is in use');
        try {
            if ($isRig) {
                $plan = PlanReader::fromJson($asked->text('plan'));
                $words = json_decode($asked->text('words'), true);
                $dialect = Dialect::of(RigWords::of(is_array($words) ? $words : []));
                $rig = new GcodeRig($plan->rig, $address, $dialect);
                $daemon = new RigDaemon($rig, $plan, $locks, $endpoint, $this->daemons, $asked->text('shot'), $asked->text('plan_name'));
            } else {
                $daemon = new CameraDaemon(CameraLinks::at($address), $locks, $endpoint);
            }
            $daemon->begin();
        } catch (DeviceGone | DeviceRefused | InvalidInput $failed) {
            $endpoint->close();
            throw $failed;
        }

        return $daemon;
    }

    /**
     * Whoever has just let go may be a moment from it.
     *
     * @throws DeviceRefused
     */
    private static function locks(?string $rig, string $camera): DeviceLocks
    {
        for ($until = microtime(true) + self::LOCK_SECONDS; microtime(true) < $until; usleep(self::LOCK_LOOK_MICROSECONDS)) {
            $locks = DeviceLocks::take($rig, $camera);
            if ($locks !== null) {
                return $locks;
            }
        }
        $which = $rig === null ? 'camera' : 'rig';
        throw new DeviceRefused(new Message("devices.daemon.{$which}_in_use"));
    }

    /**
     * @param resource $line
     */
    private function say($line, Answer $answer): void
    {
        fwrite($line, $answer->bytes());
        fclose($line);
    }
}
