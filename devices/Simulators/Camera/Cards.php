<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Camera;

use Evrent\Core\Budget\SlotUse;
use Evrent\Core\Budget\Storage;

/**
 * The card or the two cards that are in the simulated camera. The second takes over when the first is full, or has a copy of each photo.
 */
final class Cards
{
    /** What the handles of the second card begin at: those of a card are below ten million. */
    private const SECOND = 20_000_000;
    private const USUAL_PHOTOS = 2_000;

    /** @var list<int> photos that each takes */
    private readonly array $fits;
    private readonly SlotUse $use;

    public function __construct(private readonly Card $first, private readonly ?Card $second, ?Storage $storage)
    {
        $this->use = $storage->slots ?? SlotUse::Overflow;
        // One folder stands for all cards of the plan where no second is given.
        $this->fits = $storage === null ? [self::USUAL_PHOTOS] : ($second === null ? [$storage->photos()] : $storage->photosByCard());
    }

    /**
     * Puts a file where it belongs.
     *
     * @return list<int> its handles, one for each card that has it
     */
    public function put(string $bytes, ?float $takenAt = null): array
    {
        if ($this->second === null) {
            return [$this->first->put($bytes, $takenAt)];
        }
        if ($this->use === SlotUse::Overflow) {
            if ($this->first->count() < $this->fits[0]) {
                return [$this->first->put($bytes, $takenAt)];
            }
            // The counter goes on where the other card ended.
            $this->second->continueAfter($this->first);

            return [self::SECOND + $this->second->put($bytes, $takenAt)];
        }
        $handles = [$this->first->put($bytes, $takenAt)];
        $this->second->continueAfter($this->first, with: true);

        return [...$handles, self::SECOND + $this->second->put($bytes, $takenAt)];
    }

    /** Photos that both take in all, until the camera stops. */
    public function photosThatFit(): int
    {
        if ($this->second === null) {
            return $this->fits[0];
        }
        $other = $this->fits[1] ?? $this->fits[0];

        return $this->use === SlotUse::Overflow ? $this->fits[0] + $other : min($this->fits[0], $other);
    }

    public function photosLeft(): int
    {
        return max(0, $this->photosThatFit() - $this->count());
    }

    /** Photos, each once. */
    /** Whether one of them is another by now. */
    public function lookAgain(): bool
    {
        $isFirst = $this->first->lookAgain();

        return $this->second?->lookAgain() === true || $isFirst;
    }

    public function count(): int
    {
        return $this->first->count() + ($this->use === SlotUse::Overflow && $this->second !== null ? $this->second->count() : 0);
    }

    /** @return list<int> which there are: 0, and 1 for the second */
    public function slots(): array
    {
        return $this->second === null ? [0] : [0, 1];
    }

    /**
     * @param ?int $slot null for all
     *
     * @return list<int>
     */
    public function handles(?int $slot = null): array
    {
        $second = array_map(static fn (int $handle): int => self::SECOND + $handle, $this->second?->handles() ?? []);

        return match ($slot) {
            null => [...$this->first->handles(), ...$second],
            0 => $this->first->handles(),
            default => $second,
        };
    }

    /** @return list<int> numbers of the folders that hold files */
    public function folders(int $slot): array
    {
        return $slot === 0 ? $this->first->folders() : $this->second?->folders() ?? [];
    }

    public static function slotOf(int $handle): int
    {
        return $handle >= self::SECOND ? 1 : 0;
    }

    /** The number of the folder that a file is in. */
    public static function folderOf(int $handle): int
    {
        return intdiv($handle % self::SECOND, 10_000);
    }

    public function has(int $handle): bool
    {
        return $this->of($handle)?->has($handle % self::SECOND) ?? false;
    }

    public function name(int $handle): string
    {
        return $this->of($handle)?->name($handle % self::SECOND) ?? '';
    }

    public function bytes(int $handle): string
    {
        return $this->of($handle)?->bytes($handle % self::SECOND) ?? '';
    }

    public function size(int $handle): int
    {
        return $this->of($handle)?->size($handle % self::SECOND) ?? 0;
    }

    public function takenAt(int $handle): int
    {
        return $this->of($handle)?->takenAt($handle % self::SECOND) ?? 0;
    }

    public function delete(int $handle): void
    {
        $this->of($handle)?->delete($handle % self::SECOND);
    }

    private function of(int $handle): ?Card
    {
        return self::slotOf($handle) === 0 ? $this->first : $this->second;
    }
}
