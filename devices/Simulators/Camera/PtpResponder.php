<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Camera;

use DateTimeImmutable;
use DateTimeZone;
use Evrent\Devices\Protocol\Ptp\BadPacket;
use Evrent\Devices\Protocol\Ptp\Dataset;
use Evrent\Devices\Protocol\Ptp\DatasetReader;
use Evrent\Devices\Protocol\Ptp\EventCode;
use Evrent\Devices\Protocol\Ptp\Operation;
use Evrent\Devices\Protocol\Ptp\Property;
use Evrent\Devices\Protocol\Ptp\Response;

/**
 * Answers one host's operations for the simulated camera (ISO 15740). What goes over the line, and when, is for the server.
 */
final class PtpResponder
{
    /** Of each card: its storage, its folder DCIM, and what the folders in that begin at. */
    private const STORAGES = [0x00010001, 0x00020001];
    private const DCIMS = [0x0f000001, 0x0f000002];
    private const FOLDERS = [0x0f000100, 0x0f001000];
    private const ROOT = 0xffffffff;
    private const JPEG = 0x3801;
    private const SMALL_JPEG = 0x3808;
    private const FOLDER = 0x3001;
    private const ANY = 0xffffffff;

    private bool $isOpen = false;

    public function __construct(private readonly SimulatedCamera $camera)
    {
    }

    public function isOpen(): bool
    {
        return $this->isOpen;
    }

    /** Whether an operation is one that the host sends data with. */
    public function takesData(int $code): bool
    {
        return $code === Operation::SetDevicePropValue->value;
    }

    /**
     * @param list<int> $parameters
     * @param string    $data       what the host sent with it
     *
     * @return array{Response, ?string, list<int>} the answer, the data that go before it (null for none), its parameters
     */
    public function answer(int $code, array $parameters, string $data, float $now): array
    {
        $operation = Operation::tryFrom($code);
        if ($operation === null) {
            return [Response::OperationNotSupported, null, []];
        }
        if (!$this->isOpen && !in_array($operation, [Operation::GetDeviceInfo, Operation::OpenSession], true)) {
            return [Response::SessionNotOpen, null, []];
        }
        $this->camera->hear($now);
        $first = $parameters[0] ?? 0;

        return match ($operation) {
            Operation::GetDeviceInfo => [Response::Ok, $this->deviceInfo(), []],
            Operation::OpenSession => $this->open($first),
            Operation::CloseSession => $this->close(),
            Operation::GetStorageIds => [Response::Ok, (new Dataset())->listOfU32($this->storages())->bytes(), []],
            Operation::GetStorageInfo => in_array($first, $this->storages(), true)
                ? [Response::Ok, $this->storageInfo(), []]
                : [Response::InvalidStorageId, null, []],
            Operation::GetNumObjects => [Response::Ok, null, [count($this->handles($parameters))]],
            Operation::GetObjectHandles => [Response::Ok, (new Dataset())->listOfU32($this->handles($parameters))->bytes(), []],
            Operation::GetObjectInfo => $this->objectInfo($first),
            Operation::GetObject => $this->object($first),
            Operation::GetPartialObject => $this->partial($first, $parameters[1] ?? 0, $parameters[2] ?? 0),
            Operation::GetThumb => $this->thumbnail($first),
            Operation::DeleteObject => $this->delete($first),
            Operation::GetLiveFrame => $this->live($first, $parameters[1] ?? 500, $parameters[2] ?? 500, $now),
            Operation::InitiateCapture => $this->capture($now),
            Operation::InitiateOpenCapture => [$this->camera->startTimer($now) ? Response::Ok : Response::DeviceBusy, null, []],
            Operation::TerminateOpenCapture => [$this->camera->stopTimer() ? Response::Ok : Response::CaptureAlreadyTerminated, null, []],
            Operation::GetDevicePropDesc => $this->describe($first, $now),
            Operation::GetDevicePropValue => $this->value($first, $now),
            Operation::SetDevicePropValue => $this->set($first, $data, $now),
        };
    }

    private function deviceInfo(): string
    {
        return (new Dataset())
            ->u16(100)->u32(0)->u16(100)->text('')->u16(0)
            ->listOfU16(array_column(Operation::cases(), 'value'))
            ->listOfU16(array_column(EventCode::cases(), 'value'))
            ->listOfU16(array_column(Property::cases(), 'value'))
            ->listOfU16([self::JPEG])
            ->listOfU16([self::JPEG, self::FOLDER])
            ->text('Evrent')->text($this->camera->model())->text('1.0')->text($this->camera->serialNumber())
            ->bytes();
    }

    private function storageInfo(): string
    {
        $bytes = 30_000_000;

        return (new Dataset())
            ->u16(4)->u16(3)->u16(0)
            ->u64($this->camera->photosThatFit() * $bytes)->u64($this->camera->photosLeft() * $bytes)->u32($this->camera->photosLeft())
            ->text('Card')->text('EVRENT')
            ->bytes();
    }

    /** @return array{Response, null, list<int>} */
    private function open(int $session): array
    {
        if ($session === 0) {
            return [Response::InvalidParameter, null, []];
        }
        $wasOpen = $this->isOpen;
        $this->isOpen = true;

        return $wasOpen ? [Response::SessionAlreadyOpen, null, [$session]] : [Response::Ok, null, []];
    }

    /** @return array{Response, null, list<int>} */
    private function close(): array
    {
        $this->isOpen = false;

        return [Response::Ok, null, []];
    }

    /**
     * @param list<int> $parameters storage, format, folder: 0 is all, all ones is the root
     *
     * @return list<int>
     */
    private function handles(array $parameters): array
    {
        [$storage, $format, $folder] = $parameters + [self::ANY, 0, 0];
        $found = [];
        foreach ($this->camera->card->slots() as $slot) {
            if (!in_array($storage, [self::STORAGES[$slot], self::ANY], true)) {
                continue;
            }
            $files = $this->camera->card->handles($slot);
            $folders = array_map(static fn (int $number): int => self::FOLDERS[$slot] + $number, $this->camera->card->folders($slot));
            array_push($found, ...match ($folder) {
                self::ROOT => [self::DCIMS[$slot]],
                self::DCIMS[$slot] => $folders,
                0 => [self::DCIMS[$slot], ...$folders, ...$files],
                default => array_filter($files, static fn (int $handle): bool => Cards::folderOf($handle) === $folder - self::FOLDERS[$slot]),
            });
        }

        return array_values(array_filter($found, static fn (int $handle): bool => match ($format) {
            self::JPEG => $handle < self::DCIMS[0],
            self::FOLDER => $handle >= self::DCIMS[0],
            default => true,
        }));
    }

    /** @return list<int> */
    private function storages(): array
    {
        return array_slice(self::STORAGES, 0, count($this->camera->card->slots()));
    }

    /** @return ?array{int, ?int} the card and the number of a folder, null for DCIM itself; null where it is no folder */
    private function folder(int $handle): ?array
    {
        foreach ($this->camera->card->slots() as $slot) {
            $number = $handle - self::FOLDERS[$slot];
            if ($handle === self::DCIMS[$slot] || in_array($number, $this->camera->card->folders($slot), true)) {
                return [$slot, $handle === self::DCIMS[$slot] ? null : $number];
            }
        }

        return null;
    }

    /** @return array{Response, ?string, list<int>} */
    private function objectInfo(int $handle): array
    {
        $card = $this->camera->card;
        $folder = $this->folder($handle);
        $isFolder = $folder !== null;
        if (!$isFolder && !$card->has($handle)) {
            return [Response::InvalidObjectHandle, null, []];
        }
        $slot = $folder[0] ?? Cards::slotOf($handle);
        [$parent, $name] = match (true) {
            $folder === null => [self::FOLDERS[$slot] + Cards::folderOf($handle), $card->name($handle)],
            $folder[1] === null => [0, Card::DCIM],
            default => [self::DCIMS[$slot], "{$folder[1]}EVRNT"],
        };
        $time = $isFolder ? '' : gmdate('Ymd\THis', $card->takenAt($handle));

        return [Response::Ok, (new Dataset())
            ->u32(self::STORAGES[$slot])->u16($isFolder ? self::FOLDER : self::JPEG)->u16(0)->u32($isFolder ? 0 : $card->size($handle))
            ->u16($isFolder ? 0 : self::SMALL_JPEG)->u32(0)->u32(0)->u32(0)
            ->u32($isFolder ? 0 : $this->camera->width())->u32($isFolder ? 0 : $this->camera->height())->u32($isFolder ? 0 : 24)
            ->u32($parent)->u16($isFolder ? 1 : 0)->u32(0)->u32(0)
            ->text($name)->text($time)->text($time)->text('')
            ->bytes(), []];
    }

    /** @return array{Response, ?string, list<int>} */
    private function object(int $handle): array
    {
        return $this->camera->card->has($handle) ? [Response::Ok, $this->camera->card->bytes($handle), []] : [Response::InvalidObjectHandle, null, []];
    }

    /** @return array{Response, ?string, list<int>} */
    private function thumbnail(int $handle): array
    {
        if (!$this->camera->card->has($handle)) {
            return [Response::InvalidObjectHandle, null, []];
        }
        $small = Thumbnail::of($this->camera->card->bytes($handle));

        return $small === null ? [Response::NoThumbnail, null, []] : [Response::Ok, $small, []];
    }

    /** @return array{Response, ?string, list<int>} */
    private function partial(int $handle, int $from, int $most): array
    {
        if (!$this->camera->card->has($handle)) {
            return [Response::InvalidObjectHandle, null, []];
        }
        $part = substr($this->camera->card->bytes($handle), $from, $most);

        return [Response::Ok, $part, [strlen($part)]];
    }

    /** @return array{Response, null, list<int>} */
    private function delete(int $handle): array
    {
        if (!$this->camera->card->has($handle)) {
            return [Response::InvalidObjectHandle, null, []];
        }
        $this->camera->card->delete($handle);

        return [Response::Ok, null, []];
    }

    /** @return array{Response, null, list<int>} */
    private function capture(float $now): array
    {
        if ($this->camera->photosLeft() === 0) {
            return [Response::StoreFull, null, []];
        }

        return [$this->camera->capture($now) ? Response::Ok : Response::DeviceBusy, null, []];
    }

    /** @return array{Response, ?string, list<int>} */
    private function live(int $magnified, int $x, int $y, float $now): array
    {
        if ($magnified < 1 || $magnified > SimulatedCamera::MOST_MAGNIFIED || $x < 0 || $x > 1_000 || $y < 0 || $y > 1_000) {
            return [Response::InvalidParameter, null, []];
        }
        $frame = $this->camera->liveFrame($now, $magnified, $x / 1_000, $y / 1_000);

        return $frame === null ? [Response::DeviceBusy, null, []] : [Response::Ok, $frame, []];
    }

    /** @return array{Response, ?string, list<int>} */
    private function describe(int $code, float $now): array
    {
        $property = Property::tryFrom($code);
        if ($property === null) {
            return [Response::PropertyNotSupported, null, []];
        }
        $out = (new Dataset())->u16($property->value)->u16($property->type())->u8($property->mayBeSet() ? 1 : 0);
        $value = $this->current($property, $now);
        $property->write($out, $value);
        $property->write($out, $value);
        if ($property === Property::BatteryLevel) {
            return [Response::Ok, $out->u8(1)->u8(0)->u8(100)->u8(1)->bytes(), []];
        }
        if ($property === Property::DateTime || $property === Property::WorldAhead) {
            return [Response::Ok, $out->u8(0)->bytes(), []];
        }
        $choices = $this->camera->settings->offered($property);
        $out->u8(2)->u16(count($choices));
        foreach ($choices as $choice) {
            $property->write($out, $choice);
        }

        return [Response::Ok, $out->bytes(), []];
    }

    /** @return array{Response, ?string, list<int>} */
    private function value(int $code, float $now): array
    {
        $property = Property::tryFrom($code);
        if ($property === null) {
            return [Response::PropertyNotSupported, null, []];
        }
        $out = new Dataset();
        $property->write($out, $this->current($property, $now));

        return [Response::Ok, $out->bytes(), []];
    }

    /** @return array{Response, null, list<int>} */
    private function set(int $code, string $data, float $now): array
    {
        $property = Property::tryFrom($code);
        if ($property === null || !$property->mayBeSet()) {
            return [Response::PropertyNotSupported, null, []];
        }
        try {
            $value = $property->read(new DatasetReader($data));
        } catch (BadPacket) {
            return [Response::InvalidPropertyValue, null, []];
        }
        if ($property === Property::WorldSpeed) {
            return [is_int($value) && $this->camera->runsAt($value, $now) ? Response::Ok : Response::DeviceBusy, null, []];
        }
        if ($property === Property::DateTime) {
            $at = DateTimeImmutable::createFromFormat('!Ymd\THis', substr((string) $value, 0, 15), new DateTimeZone('UTC'));
            if ($at === false) {
                return [Response::InvalidPropertyValue, null, []];
            }
            $this->camera->setClock((float) $at->getTimestamp(), $now);
        } elseif (!is_int($value) || !$this->camera->settings->set($property, $value)) {
            return [Response::InvalidPropertyValue, null, []];
        }
        $this->camera->changed($property);

        return [Response::Ok, null, []];
    }

    private function current(Property $property, float $now): int|string
    {
        return match ($property) {
            Property::BatteryLevel => $this->camera->batteryPercent(),
            Property::WorldAhead => (int) max(0.0, round($this->camera->worldAhead($now, microtime(true) + (float) date('Z')))),
            Property::DateTime => gmdate('Ymd\THis', (int) $this->camera->clock($now)),
            default => $this->camera->settings->get($property),
        };
    }
}
