<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Session\DatabaseSessionHandler;

/**
 * Sessions in the database that are written when they say something new, and once an hour so that they do not run out: an edit, which
 * leaves them as they were, then costs no write of theirs.
 */
final class LazySessions extends DatabaseSessionHandler
{
    private ?string $kept = null;
    private int $writtenAt = 0;

    public function read($sessionId): string|false
    {
        $data = parent::read($sessionId);
        $this->kept = $data === false ? null : "{$sessionId}:{$data}";

        return $data;
    }

    public function write($sessionId, $data): bool
    {
        if ($this->exists && $this->kept === "{$sessionId}:{$data}" && $this->isFresh()) {
            return true;
        }

        return parent::write($sessionId, $data);
    }

    protected function expired($session): bool
    {
        $writtenAt = get_object_vars($session)['last_activity'] ?? null;
        $this->writtenAt = is_int($writtenAt) ? $writtenAt : 0;

        return parent::expired($session);
    }

    private function isFresh(): bool
    {
        return now()->subHour()->getTimestamp() < $this->writtenAt;
    }
}
