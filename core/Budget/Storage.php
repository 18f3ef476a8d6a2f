<?php

declare(strict_types=1);

namespace Evrent\Core\Budget;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * What a photo takes up, and the cards in the camera.
 */
final readonly class Storage
{
    public const MOST_CARDS = 2;
    public const USUAL_RAW_MEGABYTES = 30.0;
    public const USUAL_JPEG_MEGABYTES = 10.0;
    private const ENDLESS = 1_000_000_000;
    private const MEGABYTES_PER_GIGABYTE = 1_000.0;

    /**
     * @param float       $rawMegabytes   of one photo; 0 for none
     * @param float       $jpegMegabytes  of one photo; 0 for none
     * @param list<float> $cardsGigabytes free space of the card in each slot
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public float $rawMegabytes = self::USUAL_RAW_MEGABYTES,
        public float $jpegMegabytes = 0.0,
        public array $cardsGigabytes = [64.0],
        public SlotUse $slots = SlotUse::Overflow,
    ) {
        $problems = new Problems();
        $problems->unlessBetween($rawMegabytes, 0, 2_000, '/raw_mb', new Message('what.megabytes'));
        $problems->unlessBetween($jpegMegabytes, 0, 2_000, '/jpeg_mb', new Message('what.megabytes'));
        if (!$problems->any() && $rawMegabytes + $jpegMegabytes <= 0.0) {
            $problems->add('/raw_mb', new Message('budget.storage.size'));
        }
        if ($cardsGigabytes === [] || count($cardsGigabytes) > self::MOST_CARDS) {
            $problems->add('/cards_gb', new Message('budget.storage.cards'));
        }
        foreach ($cardsGigabytes as $i => $gigabytes) {
            $problems->unlessPositive($gigabytes, 100_000, "/cards_gb/{$i}", new Message('what.card_gb'));
        }
        $problems->throwIfAny();
    }

    /**
     * Photos until each card is full, in the order of the slots.
     *
     * @return list<int>
     */
    public function photosByCard(): array
    {
        $photos = [];
        foreach ($this->cardsGigabytes as $slot => $gigabytes) {
            $megabytes = $this->megabytesOn($slot);
            $photos[] = $megabytes > 0.0 ? (int) floor($gigabytes * self::MEGABYTES_PER_GIGABYTE / $megabytes + 1e-9) : self::ENDLESS;
        }

        return $photos;
    }

    /** Photos that the cards take in all, until the camera stops. */
    public function photos(): int
    {
        $each = $this->photosByCard();

        return $this->slots === SlotUse::Overflow ? array_sum($each) : min([self::ENDLESS, ...$each]);
    }

    /** Room for what is written once: the second card takes over, or has a copy of it. */
    public function gigabytes(): float
    {
        return $this->slots === SlotUse::Overflow ? array_sum($this->cardsGigabytes) : min([self::ENDLESS, ...$this->cardsGigabytes]);
    }

    /** What one photo writes to the card in a slot. */
    private function megabytesOn(int $slot): float
    {
        if ($this->slots !== SlotUse::Split || count($this->cardsGigabytes) < 2) {
            return $this->rawMegabytes + $this->jpegMegabytes;
        }

        return $slot === 0 ? $this->rawMegabytes : $this->jpegMegabytes;
    }
}
