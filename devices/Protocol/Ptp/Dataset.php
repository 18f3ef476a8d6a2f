<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Ptp;

/**
 * Writes numbers and texts of a PTP dataset one after another (ISO 15740, clause 5), least byte first.
 */
final class Dataset
{
    private string $bytes = '';

    public function u8(int ...$values): self
    {
        $this->bytes .= pack('C*', ...$values);

        return $this;
    }

    public function u16(int ...$values): self
    {
        $this->bytes .= pack('v*', ...$values);

        return $this;
    }

    public function u32(int ...$values): self
    {
        $this->bytes .= pack('V*', ...$values);

        return $this;
    }

    public function u64(int ...$values): self
    {
        $this->bytes .= pack('P*', ...$values);

        return $this;
    }

    /** With its length in front and a zero behind; empty as one zero byte. */
    public function text(string $text): self
    {
        $wide = $text === '' ? '' : mb_convert_encoding($text . "\0", 'UTF-16LE', 'UTF-8');
        $this->bytes .= pack('C', intdiv(strlen($wide), 2)) . $wide;

        return $this;
    }

    /** A text as the first packets have it: no length, a zero behind. */
    public function wide(string $text): self
    {
        $this->bytes .= mb_convert_encoding($text . "\0", 'UTF-16LE', 'UTF-8');

        return $this;
    }

    /**
     * @param list<int> $values
     */
    public function listOfU16(array $values): self
    {
        return $values === [] ? $this->u32(0) : $this->u32(count($values))->u16(...$values);
    }

    /**
     * @param list<int> $values
     */
    public function listOfU32(array $values): self
    {
        return $values === [] ? $this->u32(0) : $this->u32(count($values), ...$values);
    }

    public function raw(string $bytes): self
    {
        $this->bytes .= $bytes;

        return $this;
    }

    public function bytes(): string
    {
        return $this->bytes;
    }
}
