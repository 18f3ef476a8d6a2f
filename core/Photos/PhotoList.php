<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Countable;
use Generator;
use IteratorAggregate;

/**
 * Photos one after another, as many as a card holds: kept packed, some thirty bytes each, and told one at a time.
 *
 * What most of them share, such as the folder, the body and the white balance, is kept once.
 *
 * @implements IteratorAggregate<int, CardPhoto>
 */
final class PhotoList implements Countable, IteratorAggregate
{
    /** Seconds, exposure (both not a number where they are not known), number, and which of the shared. */
    private const FORMAT = 'eseconds/eexposure/qnumber/Vshared';
    private const BYTES = 28;

    private string $packed = '';

    /** @var list<array{before: string, digits: int, after: string, photo: CardPhoto}> */
    private array $shared = [];

    /** @var array<string, int> */
    private array $known = [];

    /**
     * @param iterable<CardPhoto> $photos
     */
    public static function of(iterable $photos): self
    {
        $list = new self();
        foreach ($photos as $photo) {
            $list->add($photo);
        }
        $list->known = [];

        return $list;
    }

    public function count(): int
    {
        return max(0, intdiv(strlen($this->packed), self::BYTES));
    }

    /** @return Generator<int, CardPhoto> */
    public function getIterator(): Generator
    {
        for ($i = 0, $n = $this->count(); $i < $n; $i++) {
            yield $i => $this->at($i);
        }
    }

    /** @param int $i from 0 */
    public function at(int $i): CardPhoto
    {
        $is = $this->unpacked($i);
        $shared = $this->shared[$is['shared']];
        $like = $shared['photo'];

        return new CardPhoto(
            $is['number'] < 0
                ? $shared['before']
                : $shared['before'] . str_pad((string) $is['number'], $shared['digits'], '0', STR_PAD_LEFT) . $shared['after'],
            is_nan($is['seconds']) ? null : $is['seconds'],
            $like->isExact,
            $like->timeFrom,
            $like->folderNumber,
            $is['number'] < 0 ? null : $is['number'],
            $like->body,
            is_nan($is['exposure']) ? null : $is['exposure'],
            $like->aperture,
            $like->iso,
            $like->focalMillimetres,
            $like->whiteBalance,
            $like->focusMode,
        );
    }

    /**
     * Some of them, in another order.
     *
     * @param iterable<int> $places from 0
     */
    public function picked(iterable $places): self
    {
        $list = new self();
        $list->shared = $this->shared;
        foreach ($places as $i) {
            $list->packed .= substr($this->packed, $i * self::BYTES, self::BYTES);
        }

        return $list;
    }

    /** Whether there are any, and all of them show parts of a second. */
    public function areExact(): bool
    {
        foreach ($this as $photo) {
            if (!$photo->isExact) {
                return false;
            }
        }

        return $this->packed !== '';
    }

    private function add(CardPhoto $photo): void
    {
        // A name that is its number between what all share is kept as that number.
        $isNumbered = $photo->fileNumber !== null && preg_match('~^(.*?)(\d{1,8})([^\d/]*\.[^./]*)$~sD', $photo->file, $part) === 1
            && (int) $part[2] === $photo->fileNumber;
        [$before, $digits, $after] = $isNumbered ? [$part[1], strlen($part[2]), $part[3]] : [$photo->file, 0, ''];
        $like = new CardPhoto(
            '',
            null,
            $photo->isExact,
            $photo->timeFrom,
            $photo->folderNumber,
            null,
            $photo->body,
            null,
            $photo->aperture,
            $photo->iso,
            $photo->focalMillimetres,
            $photo->whiteBalance,
            $photo->focusMode,
        );
        $key = serialize([$before, $digits, $after, $like]);
        if (!isset($this->known[$key])) {
            $this->known[$key] = count($this->shared);
            $this->shared[] = ['before' => $before, 'digits' => $digits, 'after' => $after, 'photo' => $like];
        }
        $this->packed .= pack('eeqV', $photo->unixSeconds ?? NAN, $photo->exposureSeconds ?? NAN, $isNumbered ? $photo->fileNumber : -1, $this->known[$key]);
    }

    /**
     * @return array{seconds: float, exposure: float, number: int, shared: int}
     */
    private function unpacked(int $i): array
    {
        /** @var array{seconds: float, exposure: float, number: int, shared: int} */
        return unpack(self::FORMAT, $this->packed, $i * self::BYTES);
    }
}
