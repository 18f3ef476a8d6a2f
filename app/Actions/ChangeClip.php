<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\ClipRevision;
use App\Models\Shot;
use App\Pages\ClipPage;
use Evrent\Core\Clip\Clip;
use Evrent\Core\Clip\Frames;
use Evrent\Core\Format\ClipJson;
use Evrent\Core\Format\ClipText;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Values\InvalidInput;
use Illuminate\Support\Facades\DB;

/**
 * Changes the list of a shot's clip, and steps through what it was. Each change is a revision of its own.
 */
final class ChangeClip
{
    private const MOST_CHARACTERS = 300;

    /**
     * @param callable(Clip): Clip $change from what it is by now
     *
     * @throws InvalidInput by the field
     */
    public function __invoke(Shot $shot, callable $change, Text|string|null $reason = null): void
    {
        DB::connection()->transaction(static function () use ($shot, $change, $reason): void {
            $locked = Shot::query()->lockForUpdate()->findOrFail($shot->id);
            $page = new ClipPage($locked);
            $clip = $change($page->clip);
            $list = ClipJson::write($clip);
            if ($list === ClipJson::write($page->clip)) {
                return;
            }
            Frames::of($clip, $page->photos(), $page->unfit());
            $told = $reason ?? ClipText::told($page->clip, $clip);
            // What it was before the first change is there to go back to.
            $parent = $locked->clip_revision_id ?? self::kept($locked->id, null, ClipJson::write($page->clip), new Message('clip.history.first'));
            $locked->update(
                [
                    'clip_revision_id' => self::kept(
                        $locked->id,
                        $parent,
                        $list,
                        is_string($told) ? mb_substr($told, 0, self::MOST_CHARACTERS) : $told,
                    ),
                ],
            );
        });
    }

    public function undo(Shot $shot): void
    {
        $this->step($shot, static fn (ClipRevision $now): ?ClipRevision => ClipRevision::query()->find($now->parent_id));
    }

    public function redo(Shot $shot): void
    {
        $this->step(
            $shot,
            static fn (ClipRevision $now): ?ClipRevision => ClipRevision::query()->where('parent_id', $now->id)->latest('id')->first(),
        );
    }

    /** An earlier list becomes the newest: what came between stays. */
    public function backTo(Shot $shot, ClipRevision $revision): void
    {
        $this($shot, static fn (): Clip => $revision->clip(), new Message('history.back_to', ['change' => Message::stored($revision->reason)]));
    }

    /**
     * @param callable(ClipRevision): ?ClipRevision $towards
     */
    private function step(Shot $shot, callable $towards): void
    {
        DB::connection()->transaction(static function () use ($shot, $towards): void {
            $locked = Shot::query()->lockForUpdate()->findOrFail($shot->id);
            $now = ClipRevision::query()->find($locked->clip_revision_id);
            $then = $now === null ? null : $towards($now);
            if ($then !== null) {
                $locked->update(['clip_revision_id' => $then->id]);
            }
        });
    }

    private static function kept(int $shotId, ?int $parentId, string $list, Text|string $reason): int
    {
        return ClipRevision::query()->create(
            ['shot_id' => $shotId, 'parent_id' => $parentId, 'list' => $list, 'reason' => Message::toStore($reason)],
        )->id;
    }
}
