<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

use DateTimeImmutable;
use DateTimeZone;
use Evrent\Core\Messages\Message;
use Evrent\Core\Run\Body\BodySetting;
use Evrent\Core\Run\Body\Choice;
use Evrent\Core\Run\Body\Choices;
use Evrent\Core\Words\FileName;
use Evrent\Devices\Processes\Child;
use Evrent\Devices\Processes\ChildFailed;
use Evrent\Devices\Processes\ChildLimits;
use Evrent\Devices\Processes\OwnFolder;
use FilesystemIterator;

/**
 * A camera that tells, through gphoto2: over USB, or over the network by PTP. One gphoto2 lives as long as the link, and is asked line by line.
 */
final class GphotoCamera implements CameraLink, SetsBody, SetsUp, ShowsLive, TellsOfItself
{
    private const PATIENCE_SECONDS = 15.0;

    /** How long it listens for events before it can be asked something else. */
    private const LISTENS = '200ms';
    private const PROMPT = 'gphoto2: {';
    private const MEGABYTES = 1_024;
    private const ERROR_BYTES = 4_096;

    /** @var ?resource */
    private $process = null;

    /** @var array<int, resource> */
    private array $pipes = [];
    private string $unread = '';
    private bool $isListening = false;
    private readonly OwnFolder $folder;
    private readonly GphotoSettings $settings;

    /** What it said of what went wrong since it was last asked something. */
    private string $errors = '';

    /** @var list<string> */
    private array $found = [];

    /**
     * @param string $port as gphoto2 has it: "usb:" or "ptpip:127.0.0.1:7811:7811"
     */
    public function __construct(private readonly string $port)
    {
        // For what gphoto2 leaves where it runs.
        $this->folder = new OwnFolder();
        $this->settings = new GphotoSettings($this->ask(...));
    }

    public function tells(): bool
    {
        return true;
    }

    public function connect(): void
    {
        if ($this->process !== null) {
            return;
        }
        $process = proc_open(
            [...self::limits(null)->command(), ...$this->command(), '--shell'],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
            $this->folder->path,
            ['LC_ALL' => 'C', 'TZ' => 'UTC', 'TERM' => 'dumb', 'HOME' => $this->folder->path, 'PATH' => (string) getenv('PATH')],
        );
        if ($process === false) {
            throw new DeviceGone(new Message('devices.camera.no_gphoto'));
        }
        $this->process = $process;
        $this->pipes = $pipes;
        stream_set_blocking($pipes[1], false);
        stream_set_blocking($pipes[2], false);
        $this->unread = $this->errors = '';
        $this->found = [];
        $this->isListening = false;
        $this->untilPrompt();
        $this->ask('get-config batterylevel');
    }

    public function newFiles(): array
    {
        $this->read(0);
        if ($this->isListening && str_contains($this->unread, self::PROMPT)) {
            $this->takePrompt();
            $this->isListening = false;
        }
        if (!$this->isListening) {
            $this->say('wait-event ' . self::LISTENS);
            $this->isListening = true;
        }
        $found = $this->found;
        $this->found = [];

        return $found;
    }

    public function files(): array
    {
        // The shell keeps the list that it read first, and over USB there is room for one: it makes way, and is called again.
        $this->disconnect();
        try {
            $child = Child::start([...$this->command(), '--list-files'], self::limits(self::PATIENCE_SECONDS), $this->folder->path)->wait();
        } catch (ChildFailed) {
            $this->gone();
        }
        if ($child->exitCode() !== 0) {
            $this->errors = $child->errors();
            $this->gone();
        }
        $folder = '';
        $files = [];
        foreach (explode("\n", $child->output()) as $line) {
            if (preg_match("/in folder '([^']*)'/", $line, $named) === 1) {
                $folder = $named[1];
            } elseif (preg_match('/^#\d+\s+(\S+)/', $line, $named) === 1) {
                $files[] = FileName::shown("{$folder}/{$named[1]}");
            }
        }
        sort($files);
        $this->connect();

        return $files;
    }

    public function takenAt(string $object): ?float
    {
        $said = $this->isPlain($object) ? $this->ask("show-info {$object}") : '';
        $at = preg_match('/^\s+Time:\s+(\w{3} \w{3} [ \d]\d \d\d:\d\d:\d\d \d{4})/m', $said, $found) === 1
            ? DateTimeImmutable::createFromFormat('!D M j H:i:s Y', (string) preg_replace('/ +/', ' ', $found[1]), new DateTimeZone('UTC'))
            : false;

        return $at === false ? null : (float) $at->getTimestamp();
    }

    /** Its shell has no quoting: what is no plain name is not said there. */
    private function isPlain(string $object): bool
    {
        return preg_match('~^[\w./-]+$~D', $object) === 1;
    }

    public function thumbnail(string $object): ?string
    {
        if (!$this->isPlain($object)) {
            return null;
        }
        $this->ask("get-thumbnail {$object}");
        // It names the file itself, by what kind of picture it is.
        $left = $this->takeFiles();

        return $left[0] ?? null;
    }

    public function fire(): float
    {
        $this->ask('trigger-capture');
        $why = $this->lastError();
        if ($why !== null) {
            throw new DeviceRefused(new Message('devices.camera.refused', ['why' => $why]));
        }

        return 0.0;
    }

    public function batteryPercent(): ?int
    {
        return preg_match('/Current: (\d+)/', $this->ask('get-config batterylevel'), $found) === 1 ? (int) $found[1] : null;
    }

    public function clock(): ?float
    {
        return preg_match('/^Current: (\d+)$/m', $this->ask('get-config datetime'), $found) === 1 ? (float) $found[1] : null;
    }

    public function photosLeft(): ?int
    {
        return preg_match('/Free Space \(Images\):\s*(\d+)/i', $this->ask('storage-info'), $found) === 1
            || preg_match('/freeimages=(\d+)/', $this->ask('storage-info'), $found) === 1 ? (int) $found[1] : null;
    }

    public function saysFull(): bool
    {
        return false;
    }

    public function settings(): array
    {
        return $this->settings->all();
    }

    public function choices(BodySetting $setting): ?Choices
    {
        return $this->settings->choices($setting);
    }

    public function set(BodySetting $setting, Choice $choice): Choice
    {
        $this->settings->set($setting, $choice);
        $this->unlessRefused($choice->entry);

        return $this->settings->isSetTo($setting) ?? throw new DeviceRefused(new Message('devices.camera.unknown_setting', ['words' => $setting->label()]));
    }

    public function isSetTo(BodySetting $setting): ?Choice
    {
        return $this->settings->isSetTo($setting);
    }

    /** Whether it can is known when it has been asked once. */
    public function hasLiveView(): bool
    {
        try {
            return $this->liveFrame() !== null;
        } catch (DeviceRefused) {
            return false;
        }
    }

    /** The whole alone: how a body magnifies is its maker's own. */
    public function liveFrame(int $magnified = 1, float $x = 0.5, float $y = 0.5): ?string
    {
        // What lay there from before is no frame of now, and would have it ask whether to write over it.
        $this->takeFiles();
        $this->ask('capture-preview');
        $why = $this->lastError();
        $frame = $this->takeFiles()[0] ?? null;
        if ($frame === null && $why !== null && preg_match('/busy/i', $why) !== 1) {
            throw new DeviceRefused(new Message('devices.camera.no_live_view_why', ['why' => $why]));
        }

        return $frame;
    }

    public function identity(): array
    {
        return $this->settings->identity();
    }

    public function worldSpeed(): ?float
    {
        return $this->settings->worldSpeed();
    }

    public function worldAhead(): float
    {
        return $this->settings->worldAhead();
    }

    public function runAt(float $worldSpeed): void
    {
        $this->settings->runAt($worldSpeed);
        $this->unlessRefused(new Message('devices.camera.simulated_speed'));
    }

    public function settable(): array
    {
        return $this->settings->settable();
    }

    public function focusManually(): void
    {
        $this->settings->focusManually();
        $this->unlessRefused(new Message('devices.camera.manual_focus'));
    }

    public function setClock(float $wallSeconds): void
    {
        $this->ask('set-config-value datetime=' . (int) round($wallSeconds));
        $this->unlessRefused(new Message('devices.camera.time'));
    }

    /** @throws DeviceRefused */
    private function unlessRefused(Message|string $what): void
    {
        $why = $this->lastError();
        if ($why !== null) {
            throw new DeviceRefused(new Message('devices.camera.refused_what', ['what' => $what, 'why' => $why]));
        }
    }

    public function disconnect(): void
    {
        if ($this->process !== null) {
            array_map(fclose(...), $this->pipes);
            proc_terminate($this->process, SIGKILL);
            proc_close($this->process);
            $this->process = null;
        }
    }

    public function __destruct()
    {
        $this->disconnect();
    }

    /** @return list<string> what is in the files that it left, which are deleted */
    private function takeFiles(): array
    {
        $found = [];
        foreach (new FilesystemIterator($this->folder->path) as $path) {
            $found[] = (string) @file_get_contents((string) $path);
            @unlink((string) $path);
        }

        return $found;
    }

    private function ask(string $command): string
    {
        if ($this->isListening) {
            $this->untilPrompt();
            $this->isListening = false;
        }
        $this->errors = '';
        $this->say($command);

        return $this->untilPrompt();
    }

    /** @return list<string> what reaches this camera */
    private function command(): array
    {
        return ['gphoto2', ...(str_starts_with($this->port, 'ptpip:') ? ['--camera', 'PTP/IP Camera'] : []), '--port', $this->port];
    }

    private static function limits(?float $seconds): ChildLimits
    {
        return new ChildLimits($seconds, self::MEGABYTES, null, true);
    }

    /** @return ?string what went wrong, as gphoto2 puts it; null where nothing did */
    private function lastError(): ?string
    {
        return preg_match('/^\W*error\b[^\w(]*(.+)$/mi', $this->errors, $found) === 1
            ? FileName::shown(mb_substr(trim($found[1], " *:.\r()"), 0, 200)) . '.'
            : null;
    }

    private function say(string $command): void
    {
        if ($this->process === null || @fwrite($this->pipes[0], "{$command}\n") === false) {
            $this->gone();
        }
    }

    /** What it said up to its next prompt. */
    private function untilPrompt(): string
    {
        $until = microtime(true) + self::PATIENCE_SECONDS;
        while (!str_contains($this->unread, self::PROMPT) || !str_contains(substr($this->unread, (int) strrpos($this->unread, self::PROMPT)), '/> ')) {
            $this->read(20_000);
            if (microtime(true) > $until) {
                $this->gone();
            }
        }

        return $this->takePrompt();
    }

    private function takePrompt(): string
    {
        $end = (int) strrpos($this->unread, self::PROMPT);
        $said = substr($this->unread, 0, $end);
        $this->unread = '';

        return $said;
    }

    private function read(int $microseconds): void
    {
        if ($this->process === null) {
            $this->gone();
        }
        $read = [$this->pipes[1], $this->pipes[2]];
        $none = null;
        if (@stream_select($read, $none, $none, 0, $microseconds) === 0) {
            return;
        }
        $this->errors = substr($this->errors . fread($this->pipes[2], 8_192), -self::ERROR_BYTES);
        $bytes = fread($this->pipes[1], 65_536);
        if ($bytes === false || $bytes === '' && feof($this->pipes[1])) {
            $this->gone();
        }
        $this->unread .= $bytes;
        // What it added is taken out at once, whichever question it came in between.
        $this->unread = (string) preg_replace_callback('/FILEADDED (\S+) (\S+)\n/', function (array $named): string {
            $this->found[] = FileName::shown("{$named[2]}/{$named[1]}");

            return '';
        }, $this->unread);
    }

    private function gone(): never
    {
        $why = $this->lastError();
        $this->disconnect();
        throw new DeviceGone($why === null ? new Message('devices.camera.not_responding') : new Message('devices.camera.not_responding_why', ['why' => $why]));
    }
}
