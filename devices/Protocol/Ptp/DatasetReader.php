<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Ptp;

/**
 * Reads numbers and texts of a PTP dataset one after another (ISO 15740, clause 5).
 */
final class DatasetReader
{
    private int $at = 0;

    public function __construct(private readonly string $bytes)
    {
    }

    /**
     * @throws BadPacket
     *
     * @phpstan-impure
     */
    public function u8(): int
    {
        return $this->number('C', 1);
    }

    /**
     * @throws BadPacket
     *
     * @phpstan-impure
     */
    public function u16(): int
    {
        return $this->number('v', 2);
    }

    /**
     * @throws BadPacket
     *
     * @phpstan-impure
     */
    public function u32(): int
    {
        return $this->number('V', 4);
    }

    /**
     * A text with its length in front.
     *
     * @throws BadPacket
     */
    public function text(): string
    {
        $characters = $this->u8();
        $bytes = $this->take(2 * $characters);

        return rtrim(mb_convert_encoding($bytes, 'UTF-8', 'UTF-16LE'), "\0");
    }

    public function rest(): string
    {
        return substr($this->bytes, $this->at);
    }

    public function isAtEnd(): bool
    {
        return $this->at >= strlen($this->bytes);
    }

    private function number(string $format, int $length): int
    {
        $read = unpack($format, $this->take($length));
        $number = $read === false ? null : $read[1];

        return is_int($number) ? $number : throw new BadPacket();
    }

    private function take(int $length): string
    {
        if ($this->at + $length > strlen($this->bytes)) {
            throw new BadPacket();
        }
        $this->at += $length;

        return substr($this->bytes, $this->at - $length, $length);
    }
}
