<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

/**
 * Something that will go wrong, where, by how much, and what mends it.
 */
final readonly class Finding
{
    /**
     * @param string       $id         the check's number, such as "T1"
     * @param string       $title      what is wrong, in a few words
     * @param string       $shortfall  by how much: the headline number with its unit
     * @param string       $sentence   one sentence that a shooter understands
     * @param ?int         $firstPhoto number of the first photo it touches; null when it is about the whole clip
     * @param int          $photoCount how many photos it touches
     * @param list<Remedy> $remedies   the likeliest first
     */
    public function __construct(
        public string $id,
        public Severity $severity,
        public string $title,
        public string $shortfall,
        public string $sentence,
        public ?int $firstPhoto,
        public int $photoCount,
        public array $remedies,
    ) {
    }

    public function remedy(string $key): ?Remedy
    {
        foreach ($this->remedies as $remedy) {
            if ($remedy->key === $key) {
                return $remedy;
            }
        }

        return null;
    }
}
