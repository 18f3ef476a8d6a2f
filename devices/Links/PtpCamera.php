<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

use DateTimeImmutable;
use DateTimeZone;
use Evrent\Core\Messages\Message;
use Evrent\Core\Run\Before\Contradictions;
use Evrent\Core\Run\Body\BodySetting;
use Evrent\Core\Run\Body\Choice;
use Evrent\Core\Run\Body\Choices;
use Evrent\Core\Words\FileName;
use Evrent\Devices\Protocol\Ptp\BadPacket;
use Evrent\Devices\Protocol\Ptp\Dataset;
use Evrent\Devices\Protocol\Ptp\DatasetReader;
use Evrent\Devices\Protocol\Ptp\EventCode;
use Evrent\Devices\Protocol\Ptp\Operation;
use Evrent\Devices\Protocol\Ptp\Packet;
use Evrent\Devices\Protocol\Ptp\Property;
use Evrent\Devices\Protocol\Ptp\Response;

/**
 * A camera that tells, by PTP over TCP/IP. gphoto2 does the same for thousands of bodies, but hears of a photo up to a quarter of a second late
 * (it asks, and sleeps in between): too late for simulated worlds that are fast, and no better for a body that speaks plain PTP.
 */
final class PtpCamera implements CameraLink, StartsItsTimer, SetsBody, SetsUp, ShowsLive, TellsOfItself
{
    private const PATIENCE_SECONDS = 5;
    private const PING_SECONDS = 3.0;
    private const VERSION = 0x00010000;

    /** A camera that is busy is asked again for so long, and so often. */
    private const BUSY_SECONDS = 1.0;
    private const BUSY_MICROSECONDS = 10_000;
    private const GUID = "EvrentHost\0\0\0\0\0\0";
    private const FOLDER = 0x3001;
    private const SIMULATED = 'Evrent Simulated body';

    /** @var ?resource */
    private $commands = null;

    /** @var ?resource */
    private $events = null;
    private string $unreadEvents = '';
    private string $unread = '';
    private int $transaction = 0;
    private float $pingedAt = 0.0;
    private bool $isFull = false;

    /** @var array<string, int> handles of files by path, as far as they were heard of */
    private array $handles = [];

    /** @var array<string, array<string, int>> what it can be set to, as it counts it, by setting and by entry */
    private array $offered = [];

    /** @var array<string, ?float> when they were taken, by path */
    private array $takenAt = [];

    /** @var array<int, string> paths of folders by handle */
    private array $folders = [];

    private readonly string $address;
    private readonly string $name;

    /**
     * @param string $address host:port; with "#name" behind it only one that says that name of itself
     */
    public function __construct(string $address)
    {
        [$this->address, $this->name] = explode('#', $address, 2) + [1 => ''];
    }

    public function tells(): bool
    {
        return true;
    }

    public function connect(): void
    {
        if ($this->commands !== null) {
            return;
        }
        $this->commands = $this->open();
        $this->unread = $this->unreadEvents = '';
        $this->folders = $this->handles = $this->takenAt = $this->offered = [];
        $this->send($this->commands, new Packet(Packet::INIT_COMMAND_REQUEST, (new Dataset())->raw(self::GUID)->wide('Evrent')->u32(self::VERSION)->bytes()));
        try {
            $answer = $this->packet();
        } catch (BadPacket) {
            $this->disconnect();
            throw new DeviceRefused(new Message('devices.camera.no_ptp', ['address' => $this->address]));
        }
        if ($answer->kind === Packet::INIT_FAIL) {
            $this->disconnect();
            throw new DeviceGone(new Message('devices.camera.other_host'));
        }
        if ($answer->kind !== Packet::INIT_COMMAND_ACK) {
            $this->gone();
        }
        if ($this->name !== '' && !str_contains($answer->body, mb_convert_encoding($this->name, 'UTF-16LE', 'UTF-8'))) {
            $this->disconnect();
            throw new DeviceGone(new Message('devices.camera.wrong_one', ['address' => $this->address]));
        }
        $number = (new DatasetReader($answer->body))->u32();
        $events = $this->events = $this->open();
        $this->send($events, new Packet(Packet::INIT_EVENT_REQUEST, (new Dataset())->u32($number)->bytes()));
        if (@fread($events, 8) !== (new Packet(Packet::INIT_EVENT_ACK))->bytes()) {
            $this->gone();
        }
        stream_set_blocking($events, false);
        $this->ask(Operation::OpenSession, 1);
    }

    public function newFiles(): array
    {
        $found = [];
        $this->ping();
        while ($this->events !== null && ($bytes = @fread($this->events, 65_536)) !== false && $bytes !== '') {
            $this->unreadEvents .= $bytes;
        }
        if ($this->events === null || feof($this->events)) {
            $this->gone();
        }
        try {
            while (($packet = Packet::take($this->unreadEvents)) !== null) {
                $in = new DatasetReader($packet->body);
                $code = $packet->kind === Packet::EVENT ? $in->u16() : 0;
                $this->isFull = $this->isFull || $code === EventCode::StoreFull->value;
                if ($code !== EventCode::ObjectAdded->value) {
                    continue;
                }
                $in->u32();
                $path = $this->path($in->u32());
                if ($path !== null) {
                    $found[] = $path;
                }
            }
        } catch (BadPacket) {
            $this->gone();
        }

        return $found;
    }

    /** A host that says nothing for long is taken for one that has gone. */
    private function ping(): void
    {
        if (microtime(true) - $this->pingedAt > self::PING_SECONDS) {
            $this->pingedAt = microtime(true);
            $this->send($this->events, new Packet(Packet::PING));
        }
    }

    public function files(): array
    {
        $in = new DatasetReader($this->ask(Operation::GetObjectHandles, 0xffffffff, 0, 0));
        $files = [];
        for ($left = $in->u32(); $left > 0; $left--) {
            $path = $this->path($in->u32());
            if ($path !== null) {
                $files[] = $path;
            }
        }
        sort($files);

        return $files;
    }

    public function takenAt(string $object): ?float
    {
        return $this->takenAt[$object] ?? null;
    }

    public function thumbnail(string $object): ?string
    {
        try {
            return isset($this->handles[$object]) ? $this->ask(Operation::GetThumb, $this->handles[$object]) : null;
        } catch (DeviceRefused) {
            // A file need not have one.
            return null;
        }
    }

    public function fire(): float
    {
        $began = microtime(true);
        while (true) {
            $asked = microtime(true);
            try {
                $this->ask(Operation::InitiateCapture, 0, 0);

                return $asked - $began;
            } catch (DeviceRefused $refused) {
                // Still at the photo before: a moment later it is not.
                if ($refused->number !== Response::DeviceBusy->value || $asked > $began + self::BUSY_SECONDS) {
                    throw $refused;
                }
                usleep(self::BUSY_MICROSECONDS);
            }
        }
    }

    public function startTimer(float $intervalSeconds, int $photos): bool
    {
        $this->write(Property::TimelapseInterval, (int) round($intervalSeconds * 1_000));
        $this->write(Property::TimelapseNumber, $photos);
        $this->ask(Operation::InitiateOpenCapture, 0, 0);

        return true;
    }

    public function stopTimer(): void
    {
        try {
            $this->ask(Operation::TerminateOpenCapture, $this->transaction);
        } catch (DeviceRefused) {
            // It was over by itself.
        }
    }

    public function batteryPercent(): int
    {
        return (new DatasetReader($this->ask(Operation::GetDevicePropValue, Property::BatteryLevel->value)))->u8();
    }

    public function clock(): ?float
    {
        return self::seconds((new DatasetReader($this->ask(Operation::GetDevicePropValue, Property::DateTime->value)))->text());
    }

    /** A time as PTP writes it: "20270323T190107", and more behind it. */
    private static function seconds(string $text): ?float
    {
        $at = DateTimeImmutable::createFromFormat('!Ymd\THis', substr($text, 0, 15), new DateTimeZone('UTC'));

        return $at === false ? null : (float) $at->getTimestamp();
    }

    public function photosLeft(): int
    {
        $ids = new DatasetReader($this->ask(Operation::GetStorageIds));
        $ids->u32();
        $in = new DatasetReader($this->ask(Operation::GetStorageInfo, $ids->u32()));
        $in->u16();
        $in->u16();
        $in->u16();
        for ($half = 0; $half < 4; $half++) {
            $in->u32();
        }

        return $in->u32();
    }

    public function saysFull(): bool
    {
        $saidSo = $this->isFull;
        $this->isFull = false;

        return $saidSo;
    }

    public function settings(): array
    {
        $settings = [];
        $told = [
            'focus mode' => Property::FocusMode, 'white balance' => Property::WhiteBalance, 'ISO' => Property::ExposureIndex,
            'shutter time' => Property::ExposureTime, 'aperture' => Property::FNumber,
        ];
        foreach ($told as $what => $property) {
            $words = $this->words($property);
            $settings += $words === null ? [] : [$what => $words];
        }

        return $settings;
    }

    /** What a property is set to, in words; null where a body does not have it. */
    private function words(Property $property): ?string
    {
        try {
            return FileName::shown($property->words($property->read(new DatasetReader($this->ask(Operation::GetDevicePropValue, $property->value)))));
        } catch (DeviceRefused | BadPacket) {
            return null;
        }
    }

    public function choices(BodySetting $setting): ?Choices
    {
        $property = self::property($setting);
        try {
            $values = $property->offered(new DatasetReader($this->ask(Operation::GetDevicePropDesc, $property->value)));
        } catch (DeviceRefused | BadPacket) {
            return null;
        }
        $this->offered[$setting->value] = [];
        foreach (array_filter($values, is_int(...)) as $value) {
            // Two that count as one mark are one entry.
            $this->offered[$setting->value] += [$property->words($value) => $value];
        }
        $entries = array_map(strval(...), array_keys($this->offered[$setting->value]));

        return $entries === [] ? null : Choices::of($setting, $entries);
    }

    public function set(BodySetting $setting, Choice $choice): Choice
    {
        $value = $this->offered[$setting->value][$choice->entry] ?? null;
        if ($value === null) {
            throw new DeviceRefused(new Message('devices.camera.not_listed', ['entry' => $choice->entry]));
        }
        $this->write(self::property($setting), $value);

        return $this->isSetTo($setting) ?? throw new DeviceRefused(new Message('devices.camera.unknown_setting', ['words' => $setting->label()]));
    }

    public function isSetTo(BodySetting $setting): ?Choice
    {
        $words = $this->words(self::property($setting));

        return $words === null ? null : Choice::of($setting, $words);
    }

    public function hasLiveView(): bool
    {
        [$info, $operations] = $this->deviceInfo();

        return in_array(Operation::GetLiveFrame->value, $operations, true) && str_starts_with($info['model'] ?? '', self::SIMULATED);
    }

    public function liveFrame(int $magnified = 1, float $x = 0.5, float $y = 0.5): ?string
    {
        try {
            return $this->ask(Operation::GetLiveFrame, $magnified, (int) round(1_000 * $x), (int) round(1_000 * $y));
        } catch (DeviceRefused $refused) {
            if ($refused->number !== Response::DeviceBusy->value) {
                throw $refused;
            }

            return null;
        }
    }

    public function identity(): array
    {
        return $this->deviceInfo()[0];
    }

    /** @return array{array{model?: string, serial?: string}, list<int>} what it says of itself, and which operations it knows */
    private function deviceInfo(): array
    {
        $in = new DatasetReader($this->ask(Operation::GetDeviceInfo));
        $operations = [];
        try {
            $in->u16();
            $in->u32();
            $in->u16();
            $in->text();
            $in->u16();
            for ($list = 0; $list < 5; $list++) {
                for ($left = $in->u32(); $left > 0; $left--) {
                    $code = $in->u16();
                    array_push($operations, ...($list === 0 ? [$code] : []));
                }
            }
            [$maker, $model, , $serial] = [$in->text(), $in->text(), $in->text(), $in->text()];
        } catch (BadPacket) {
            return [[], []];
        }

        return [array_filter(
            ['model' => FileName::shown(trim("{$maker} {$model}")), 'serial' => FileName::shown($serial)],
            static fn (string $text): bool => $text !== '',
        ), $operations];
    }

    public function worldSpeed(): ?float
    {
        $isSimulated = ($this->identity()['model'] ?? '') === self::SIMULATED;

        return $isSimulated ? (float) $this->number(Property::WorldSpeed) : null;
    }

    public function worldAhead(): float
    {
        return $this->worldSpeed() === null ? 0.0 : (float) $this->number(Property::WorldAhead);
    }

    public function runAt(float $worldSpeed): void
    {
        $this->write(Property::WorldSpeed, (int) $worldSpeed);
    }

    public function settable(): array
    {
        $of = [Contradictions::FOCUS => Property::FocusMode, Contradictions::CLOCK => Property::DateTime];

        return array_keys(array_filter($of, $this->maySet(...)));
    }

    public function focusManually(): void
    {
        $this->write(Property::FocusMode, 1);
    }

    public function setClock(float $wallSeconds): void
    {
        $this->write(Property::DateTime, gmdate('Ymd\THis', (int) round($wallSeconds)));
    }

    private function maySet(Property $property): bool
    {
        try {
            $in = new DatasetReader($this->ask(Operation::GetDevicePropDesc, $property->value));
            $in->u16();
            $in->u16();

            return $in->u8() === 1;
        } catch (DeviceRefused | BadPacket) {
            return false;
        }
    }

    private function number(Property $property): int
    {
        try {
            return (int) $property->read(new DatasetReader($this->ask(Operation::GetDevicePropValue, $property->value)));
        } catch (BadPacket) {
            $this->gone();
        }
    }

    private static function property(BodySetting $setting): Property
    {
        return match ($setting) {
            BodySetting::ShutterTime => Property::ExposureTime,
            BodySetting::Aperture => Property::FNumber,
            BodySetting::Iso => Property::ExposureIndex,
            BodySetting::WhiteBalance => Property::WhiteBalance,
        };
    }

    public function disconnect(): void
    {
        foreach ([$this->commands, $this->events] as $line) {
            if ($line !== null) {
                fclose($line);
            }
        }
        $this->commands = $this->events = null;
    }

    /** Where a file is; null for a folder. */
    private function path(int $handle): ?string
    {
        [$format, $parent, $name, $taken] = $this->info($handle);
        if ($format === self::FOLDER) {
            return null;
        }

        $path = $this->folder($parent) . "/{$name}";
        $this->handles[$path] = $handle;
        $this->takenAt[$path] = $taken;

        return $path;
    }

    private function folder(int $handle): string
    {
        if ($handle === 0) {
            return '';
        }
        if (!isset($this->folders[$handle])) {
            [, $parent, $name] = $this->info($handle);
            $this->folders[$handle] = $this->folder($parent) . "/{$name}";
        }

        return $this->folders[$handle];
    }

    /**
     * @return array{int, int, string, ?float} format, parent, name, when it was taken
     */
    private function info(int $handle): array
    {
        $in = new DatasetReader($this->ask(Operation::GetObjectInfo, $handle));
        $in->u32();
        $format = $in->u16();
        $in->u16();
        $in->u32();
        $in->u16();
        for ($skipped = 0; $skipped < 6; $skipped++) {
            $in->u32();
        }
        $parent = $in->u32();
        $in->u16();
        $in->u32();
        $in->u32();

        // A name from outside: it goes into logs and lists.
        return [$format, $parent, FileName::shown($in->text()), self::seconds($in->text())];
    }

    /**
     * @return string the data that came with the answer
     *
     * @throws DeviceRefused
     */
    private function ask(Operation $operation, int ...$parameters): string
    {
        $this->request($operation, 1, ...$parameters);

        return $this->answer();
    }

    private function write(Property $property, int|string $value): void
    {
        $data = new Dataset();
        $property->write($data, $value);
        $bytes = $data->bytes();
        $number = $this->request(Operation::SetDevicePropValue, 2, $property->value);
        $this->send($this->commands, new Packet(Packet::START_DATA, (new Dataset())->u32($number)->u64(strlen($bytes))->bytes()));
        $this->send($this->commands, new Packet(Packet::END_DATA, (new Dataset())->u32($number)->bytes() . $bytes));
        $this->answer();
    }

    /**
     * @param int $phase 1 without data of our own, 2 with
     *
     * @return int the transaction's number
     */
    private function request(Operation $operation, int $phase, int ...$parameters): int
    {
        $this->transaction++;
        $this->send($this->commands, new Packet(
            Packet::OPERATION_REQUEST,
            (new Dataset())->u32($phase)->u16($operation->value)->u32($this->transaction)->u32(...$parameters)->bytes(),
        ));

        return $this->transaction;
    }

    /**
     * @throws DeviceRefused
     */
    private function answer(): string
    {
        $data = '';
        while (true) {
            $packet = $this->await();
            if ($packet->kind === Packet::DATA || $packet->kind === Packet::END_DATA) {
                $data .= substr($packet->body, 4);
            } elseif ($packet->kind === Packet::OPERATION_RESPONSE) {
                $code = (new DatasetReader($packet->body))->u16();
                if ($code !== Response::Ok->value && $code !== Response::SessionAlreadyOpen->value) {
                    $name = Response::tryFrom($code)->name ?? sprintf('%04x', $code);
                    throw new DeviceRefused(new Message('devices.camera.refused_code', ['code' => $name]), $code);
                }

                return $data;
            }
        }
    }

    private function await(): Packet
    {
        try {
            return $this->packet();
        } catch (BadPacket) {
            $this->gone();
        }
    }

    /**
     * @throws BadPacket
     * @throws DeviceGone
     */
    private function packet(): Packet
    {
        $packet = Packet::take($this->unread);
        while ($packet === null) {
            $bytes = $this->commands === null ? false : @fread($this->commands, 65_536);
            if ($bytes === false || $bytes === '') {
                $this->gone();
            }
            $this->unread .= $bytes;
            $packet = Packet::take($this->unread);
        }
        assert($packet !== null);

        return $packet;
    }

    /** @return resource */
    private function open()
    {
        $line = TcpLine::open($this->address);
        if ($line === false) {
            $this->gone();
        }
        stream_set_timeout($line, self::PATIENCE_SECONDS);

        return $line;
    }

    /** @param ?resource $line */
    private function send($line, Packet $packet): void
    {
        if ($line === null || @fwrite($line, $packet->bytes()) === false) {
            $this->gone();
        }
    }

    private function gone(): never
    {
        $this->disconnect();
        throw new DeviceGone(new Message('devices.camera.no_answer', ['address' => $this->address]));
    }
}
