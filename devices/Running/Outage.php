<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Closure;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\Order;
use Evrent\Core\Run\Take\Status;
use Evrent\Core\Run\Take\Supplies;
use Evrent\Core\Run\Take\WhenOut;
use Evrent\Devices\Links\CameraLink;

/**
 * A camera that has run out of card or battery, found out as soon as a photo does not come: the take is paused with the true cause, photos that were
 * not taken are shot again, and it goes on by itself when what ran out was changed.
 */
final class Outage
{
    /** Alarms of it are about this. */
    private const ABOUT = 'run out';

    /** With so few photos left, each that comes is followed by a look at the card. */
    private const FEW_PHOTOS = 10;

    /** A battery that says so little may be empty; changed, it says more than the other. */
    private const EMPTY_PERCENT = 3;
    private const CHANGED_PERCENT = 15;

    /** Real seconds between two looks while it waits. */
    private const LOOK_SECONDS = 1.0;

    private int $came = 0;
    private int $missing = 0;
    private float $lookedAt = -INF;

    /** What ran out, while it waits for it. */
    private ?string $what = null;

    /**
     * @param Closure(Order, array<string, mixed>): void $command has the take do something
     */
    public function __construct(
        private readonly TakeLog $log,
        private readonly CameraLink $camera,
        private readonly RunClock $clock,
        private readonly Closure $command,
        private readonly WhenOut $whenOut = WhenOut::Wait,
    ) {
    }

    /** What an empty battery has to do with a device that is gone: a sentence, or nothing. */
    public static function whyGone(Supplies $supplies, WhenOut $whenOut): ?Message
    {
        foreach ([Supplies::CAMERA_BATTERY => 'camera', Supplies::RIG_BATTERY => 'rig'] as $what => $whose) {
            $left = $supplies->left()[$what] ?? null;
            if ($left !== null && $left <= self::EMPTY_PERCENT) {
                return new Message('devices.run.' . $whose . ($whenOut === WhenOut::Wait ? '_was_low_waits' : '_was_low'), ['percent' => (int) $left]);
            }
        }

        return null;
    }

    /** @return ?Message what ran out, in words; null while nothing has */
    public function look(): ?Message
    {
        $state = $this->log->state;
        if ($this->what !== null) {
            return $this->whileOut();
        }
        [$came, $missing] = [count($state->photos) - count($state->unconfirmed) - count($state->missing), count($state->missing)];
        $isNews = $missing > $this->missing || $came > $this->came && ($state->supplies->left()[Supplies::CARD] ?? 0.0) <= self::FEW_PHOTOS;
        $isMissing = $missing > $this->missing;
        $isNews = $this->camera->saysFull() || $isNews;
        [$this->came, $this->missing] = [$came, $missing];
        if (!$isNews || $state->status !== Status::Running || $state->next > $state->photos() && $missing === 0) {
            return null;
        }

        return $this->find($isMissing);
    }

    /**
     * What it is that a photo did not come of.
     *
     * @param bool $isMissing whether one did not come, or it may only be the last
     *
     * @return ?Message in words; null where nothing has run out
     */
    public function find(bool $isMissing): ?Message
    {
        $left = $this->camera->photosLeft();
        $battery = $isMissing ? $this->camera->batteryPercent() : null;
        $ran = match (true) {
            $left === 0 => new Message('devices.run.card_full'),
            $battery !== null && $battery <= self::EMPTY_PERCENT => new Message('devices.run.camera_empty', ['battery' => $battery]),
            default => null,
        };
        if ($ran === null) {
            return null;
        }
        $says = new Message('units.sentences', [
            'first' => $ran, 'last' => new Message($this->whenOut === WhenOut::Wait ? 'devices.run.change_it' : 'devices.run.ends_here'),
        ]);
        $this->pause($left === 0 ? Supplies::CARD : Supplies::CAMERA_BATTERY, $says);

        return $says;
    }

    private function pause(string $what, Text|string $says): void
    {
        $state = $this->log->state;
        $this->what = $what;
        ($this->command)(Order::Pause, ['by' => 'evrent', 'why' => $says]);
        $this->log->alarm(self::ABOUT, $state->next, $says);
        // What was triggered since then was not heard: the last one first, so that the first is next.
        $lost = array_unique([...array_keys($state->missing), ...array_keys($state->unconfirmed)]);
        rsort($lost);
        foreach ($lost as $photo) {
            if ($photo > $this->lastTaken()) {
                $this->log->write(LogKind::NotTaken, $photo, ['why' => $says, 'again' => true]);
            }
        }
    }

    /** The last photo that the camera has. */
    private function lastTaken(): int
    {
        $latest = $this->log->state->latestObject();

        return $latest === null ? 0 : $latest[0];
    }

    private function whileOut(): null
    {
        $state = $this->log->state;
        if ($state->status === Status::Running) {
            // Somebody says that it goes on: if it does not, the next photo tells.
            return $this->isOver();
        }
        if ($this->clock->realSeconds() - $this->lookedAt < self::LOOK_SECONDS) {
            return null;
        }
        $this->lookedAt = $this->clock->realSeconds();
        $isChanged = $this->what === Supplies::CARD ? ($this->camera->photosLeft() ?? 0) > 0 : ($this->camera->batteryPercent() ?? 0) >= self::CHANGED_PERCENT;
        if ($isChanged) {
            $this->isOver();
            ($this->command)(Order::GoOn, ['by' => 'evrent']);
        }

        return null;
    }

    private function isOver(): null
    {
        $this->what = null;
        $this->log->over(self::ABOUT);

        return null;
    }
}
