<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\CreateShot;
use App\Models\Shot;
use Evrent\Words\Words;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\Plans;

/**
 * Cards to take along: of one shot, of a whole shoot, on a page and in a file that asks nobody for anything.
 */
final class CardsTest extends PageTestCase
{
    public function testAShootHasACardForEachShot(): void
    {
        $shoot = self::shoot();
        $page = $this->get(route('shoots.cards', $shoot))->assertOk();
        $titles = $shoot->shots()->get()->map(static fn (Shot $shot): string => $shot->title())->all();
        self::assertNotSame([], $titles);
        foreach ($titles as $title) {
            $page->assertSee($title);
        }
        self::assertSame(count($titles), substr_count((string) $page->getContent(), '<article'));
        $shot = $shoot->shots()->firstOrFail();
        $one = $this->get($shot->at('shots.cards'))->assertOk()->assertSee($shot->title());
        self::assertSame(1, substr_count((string) $one->getContent(), '<article'));
        $this->get($shot->path() . '/review')->assertSee($shot->at('shots.cards'));
        $this->get(route('shoots.show', $shoot))->assertSee(route('shoots.cards', $shoot));
    }

    #[TestWith([true])]
    #[TestWith([false])]
    public function testTheFileForThePhoneHasEverythingInIt(bool $isWhole): void
    {
        $shoot = self::shoot();
        $shot = $shoot->shots()->firstOrFail();
        $answer = $this->get($isWhole ? route('shoots.cards.file', $shoot) : $shot->at('shots.cards.file'))->assertOk();
        self::assertStringContainsString('attachment; filename="', (string) $answer->headers->get('Content-Disposition'));
        $html = (string) $answer->getContent();
        // Nothing is asked for elsewhere.
        self::assertSame(0, preg_match('~(?:src|href)="(?!#)|url\((?!data:)|@import|fetch\(|import\(~', $html));
        self::assertStringContainsString('First photo', $html);
        self::assertGreaterThan(0, preg_match('/data-at="[\d.]+"/', $html));
    }

    public function testAShotThatHasNoTimesHasACardWithoutACountdown(): void
    {
        $shot = app(CreateShot::class)(self::shoot(), Plans::with([]), 'test');
        $html = (string) $this->get($shot->at('shots.cards.file'))->assertOk()->getContent();
        self::assertStringContainsString(Words::of('cards.card.no_start'), $html);
        self::assertStringNotContainsString('data-now', (string) preg_replace('~<script.*~s', '', $html));
    }
}
