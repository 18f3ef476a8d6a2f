<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

use Evrent\Core\Motion\Rig;
use Evrent\Core\Words\FileName;
use Evrent\Devices\Processes\Child;
use Evrent\Devices\Processes\ChildFailed;
use Evrent\Devices\Processes\ChildLimits;
use Evrent\Devices\Processes\OwnFolder;
use Evrent\Devices\Protocol\Gcode\Letters;
use Evrent\Devices\Protocol\Gcode\Refusal;

/**
 * A rig behind G-code, over TCP ("127.0.0.1:7801"; with "#name" behind it only one that greets by that name) or a serial port ("/dev/ttyUSB0",
 * "/dev/ttyUSB0@115200"). docs/devices.md has what is sent.
 */
final class GcodeRig implements RigLink
{
    private const CONNECT_SECONDS = 2.0;

    /** A board that says nothing for so long, in real seconds, is gone; what takes longer is asked after meanwhile. */
    private const PATIENCE_SECONDS = 5.0;
    private const SLICE_MICROSECONDS = 20_000;
    private const USUAL_BAUD = 115_200;
    private const ODD_CHARACTERS = 120;

    /** What boards that speak G-code say of themselves when they begin, in one way or another. */
    private const GREETINGS = '/g-?code|firmware|\brig\b|start|ready|\$/i';
    private const WAKE_SECONDS = 1.0;

    /** @var array<string, string> by axis id */
    private readonly array $letters;

    private readonly string $address;
    private readonly string $name;

    /** @var ?resource */
    private $line = null;
    private string $unread = '';

    /** @var list<string> answers that nobody has taken yet */
    private array $answers = [];
    private ?RigStatus $told = null;
    private bool $isGreeted = false;
    private bool $wasReached = false;

    /** The last that came and was no answer. */
    private string $oddly = '';
    private float $heardAt = 0.0;

    /**
     * @param array<string, string> $letters that the rig has otherwise, by axis id
     */
    public function __construct(private readonly Rig $rig, string $address, array $letters = [])
    {
        [$this->address, $this->name] = explode('#', $address, 2) + [1 => ''];
        $this->letters = Letters::of($rig, $letters);
    }

    public function connect(): void
    {
        if ($this->line !== null) {
            return;
        }
        $line = str_starts_with($this->address, '/') ? self::serial($this->address) : @stream_socket_client(
            "tcp://{$this->address}",
            $number,
            $message,
            self::CONNECT_SECONDS,
        );
        if ($line === false) {
            throw new DeviceGone("The rig does not answer at {$this->address}.");
        }
        stream_set_blocking($line, false);
        $this->line = $line;
        $this->unread = '';
        $this->answers = [];
        $this->isGreeted = false;
        $this->oddly = '';
        $this->heardAt = microtime(true);
        try {
            $greeting = $this->greeting();
            if (str_starts_with($greeting, 'busy')) {
                throw new DeviceGone('Another host has this rig.');
            }
            if ($this->name !== '' && !str_contains($greeting, $this->name)) {
                throw new DeviceGone("The rig at {$this->address} is not the one that is meant.");
            }
            $this->ask('G21 G90 G94', static fn () => null);
            $this->wasReached = true;
        } catch (DeviceGone | DeviceRefused $failed) {
            $this->disconnect();
            if (!$this->isNoRig($failed)) {
                throw $failed;
            }
            throw new DeviceRefused("What answers at {$this->address} is no rig that understands G-code. It said: {$this->oddly}");
        }
    }

    public function home(callable $meanwhile): void
    {
        $this->ask('$H', $meanwhile);
    }

    public function moveTo(array $positions, callable $meanwhile): void
    {
        $this->ask('G0 ' . $this->words($positions), $meanwhile);
        $this->ask('M400', $meanwhile);
    }

    public function creepTo(array $positions, float $seconds): void
    {
        $this->ask(sprintf('G93 G1 %s F%.6F', $this->words($positions), 60.0 / $seconds), static fn () => null);
    }

    public function trigger(?float $seconds, callable $meanwhile): void
    {
        $this->ask($seconds === null ? 'M240' : sprintf('M240 P%.1F', $seconds * 1000.0), $meanwhile);
    }

    public function status(): RigStatus
    {
        $this->told = null;
        $this->send('?');
        $until = microtime(true) + self::PATIENCE_SECONDS;
        while (microtime(true) < $until) {
            $this->listen(self::SLICE_MICROSECONDS);
            if ($this->told instanceof RigStatus) {
                return $this->told;
            }
        }
        $this->gone();
    }

    public function hold(): void
    {
        $this->send('!');
    }

    public function stop(): void
    {
        $this->send("!\x18");
        $this->disconnect();
    }

    public function disconnect(): void
    {
        if ($this->line !== null) {
            fclose($this->line);
            $this->line = null;
        }
    }

    /** @return resource|false */
    private static function serial(string $address)
    {
        [$path, $baud] = explode('@', $address) + [1 => (string) self::USUAL_BAUD];
        $own = new OwnFolder();
        try {
            $stty = Child::start(['stty', '-F', $path, (string) (int) $baud, 'raw', '-echo'], new ChildLimits(self::CONNECT_SECONDS, 256), $own->path)->wait();
        } catch (ChildFailed) {
            return false;
        }

        return $stty->exitCode() === 0 ? @fopen($path, 'r+b') : false;
    }

    /**
     * What it says of itself first. One that says nothing is waked by an empty line: whatever it is answers that.
     *
     * @throws DeviceGone
     */
    private function greeting(): string
    {
        for ($until = microtime(true) + self::WAKE_SECONDS; $this->answers === [] && microtime(true) < $until;) {
            $this->listen(self::SLICE_MICROSECONDS);
        }
        if ($this->answers === []) {
            $this->send("\r\n\r\n");
            $greeting = $this->answer(static fn () => null);
            // What else comes of the empty lines is no answer to what is asked next.
            for ($until = microtime(true) + self::WAKE_SECONDS / 4.0; microtime(true) < $until;) {
                $this->listen(self::SLICE_MICROSECONDS);
            }

            return $greeting;
        }

        return array_shift($this->answers);
    }

    /** Whether something answered that is no rig. One that was reached before may be starting up, and say all kinds of things. */
    private function isNoRig(DeviceGone|DeviceRefused $failed): bool
    {
        return $failed instanceof DeviceGone && !$this->wasReached && $this->oddly !== '';
    }

    /**
     * @param array<string, float> $positions
     */
    private function words(array $positions): string
    {
        $words = [];
        foreach ($positions as $id => $position) {
            $words[] = $this->letters[$id] . rtrim(rtrim(sprintf('%.4F', $position), '0'), '.');
        }

        return implode(' ', $words);
    }

    /**
     * @param callable(): void $meanwhile
     *
     * @throws DeviceGone
     * @throws DeviceRefused
     */
    private function ask(string $line, callable $meanwhile): void
    {
        $this->answers = [];
        $this->send("{$line}\n");
        $answer = $this->answer($meanwhile);
        if ($answer !== 'ok') {
            $number = (int) substr($answer, strlen('error:'));
            $why = Refusal::tryFrom($number)?->sentence();
            throw new DeviceRefused("The rig refused “{$line}” and said “{$answer}”" . ($why === null ? '.' : ": {$why}"), $number);
        }
    }

    /**
     * @param callable(): void $meanwhile
     *
     * @throws DeviceGone
     */
    private function answer(callable $meanwhile): string
    {
        $this->heardAt = microtime(true);
        $asked = false;
        while ($this->answers === []) {
            $this->listen(self::SLICE_MICROSECONDS);
            $meanwhile();
            $silent = microtime(true) - $this->heardAt;
            if ($silent > self::PATIENCE_SECONDS) {
                $this->gone();
            }
            if ($silent > self::PATIENCE_SECONDS / 2.0 && !$asked) {
                // Whatever takes long is not mistaken for a board that is gone: that one does not even say how it is.
                $this->send('?');
                $asked = true;
            } elseif ($silent < 1.0) {
                $asked = false;
            }
        }

        return (string) array_shift($this->answers);
    }

    private function send(string $bytes): void
    {
        if ($this->line === null || @fwrite($this->line, $bytes) !== strlen($bytes)) {
            $this->gone();
        }
    }

    private function listen(int $microseconds): void
    {
        if ($this->line === null) {
            $this->gone();
        }
        $read = [$this->line];
        $none = null;
        // A signal that comes meanwhile is no answer.
        if (@stream_select($read, $none, $none, 0, $microseconds) === 0) {
            return;
        }
        $bytes = fread($this->line, 8_192);
        if ($bytes === false || $bytes === '' && feof($this->line)) {
            $this->gone();
        }
        $this->heardAt = microtime(true);
        $this->unread .= $bytes;
        while (($end = strpos($this->unread, "\n")) !== false) {
            $this->takeLine(trim(substr($this->unread, 0, $end)));
            $this->unread = substr($this->unread, $end + 1);
        }
    }

    private function takeLine(string $text): void
    {
        if (preg_match('/^<(\w+)\|MPos:([^|]*)\|St:([^|]*)(?:\|Bat:(\d+))?/', $text, $found) === 1) {
            $ids = array_keys($this->letters);
            $numbers = static fn (string $list): array => array_slice(explode(',', $list), 0, count($ids));
            $this->told = new RigStatus(
                $found[1],
                array_combine($ids, array_map(floatval(...), array_pad($numbers($found[2]), count($ids), '0'))),
                array_combine($ids, array_map(intval(...), array_pad($numbers($found[3]), count($ids), '0'))),
                isset($found[4]) ? (int) $found[4] : null,
            );
        } elseif ($text === 'ok' || preg_match('/^(?:error|alarm|!!)/i', $text) === 1) {
            $this->answers[] = $text;
        } elseif (str_starts_with($text, 'busy')) {
            $this->answers[] = 'busy';
        } elseif ($text !== '' && !$this->isGreeted) {
            $this->isGreeted = true;
            $this->answers[] = $text;
            $this->oddly = preg_match(self::GREETINGS, $text) === 1 ? '' : self::shown($text);
        } elseif ($text !== '') {
            $this->oddly = self::shown($text);
        }
    }

    private static function shown(string $text): string
    {
        return FileName::shown(mb_substr(mb_scrub($text), 0, self::ODD_CHARACTERS));
    }

    private function gone(): never
    {
        $this->disconnect();
        throw new DeviceGone("The rig at {$this->address} does not answer.");
    }
}
