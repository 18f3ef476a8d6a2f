<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\RecordTake;
use App\Models\KitItem;
use App\Models\Preset;
use App\Models\Shot;
use App\Models\Take;
use App\Models\TakeLine;
use App\Models\TakeOrder;
use Evrent\Core\Format\TakeLogLines;
use Evrent\Core\Messages\Message;
use Evrent\Core\Presets\PresetKind;
use Evrent\Core\Run\Take\Ending;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Status;
use Evrent\Core\Run\Take\TakeState;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Running\Appended;
use Evrent\Devices\Running\DeviceLocks;
use Evrent\Devices\Running\HoldLost;
use Evrent\Words\Words;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Str;
use Tests\Devices\DeviceProcess;

/**
 * Takes, from their start to their log.
 */
final class TakeTest extends PageTestCase
{
    use DevicesInTheKit;

    public function testAShotIsShotToItsEndAndItsLogIsThere(): void
    {
        config(['evrent.world_speed' => 100.0]);
        $card = sys_get_temp_dir() . '/evrent-card-' . bin2hex(random_bytes(6));
        $camera = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$card}", '--speed=100']);
        $rig = new DeviceProcess(['rig', '--port=0', "--trigger={$camera->second}", '--speed=100']);
        $shot = self::shot(['/timing/photos' => 10, '/timing/head_photos' => 0, '/timing/tail_photos' => 0]);
        $this->put("{$shot->path()}/preflight", ['item' => 'cable', 'packed' => ['cable']], ['HX-Request' => 'true'])->assertNoContent();
        $this->put("{$shot->path()}/preflight", ['item' => 'sleep', 'packed' => ['sleep']], ['HX-Request' => 'true']);
        $this->put("{$shot->path()}/preflight", ['item' => 'sleep'], ['HX-Request' => 'true']);
        $this->addDevices($rig->address, "ptp:{$camera->address}");
        $this->get("{$shot->path()}/run")->assertOk()->assertSee('Simulated rig, at')->assertSee('Start run');
        $take = $this->start($shot, $rig->address, "ptp:{$camera->address}");
        self::assertSame(['cable'], array_column($take->preflight, 'item'));
        $this->get($take->at('takes.show'))->assertOk()->assertSee(Words::of('shoots.together_now.preparing'))->assertSee('Abort');
        $this->carryOut();
        $this->assertAllTaken($take, 10);
        $this->get($take->at('takes.show'))->assertOk()->assertSee('EVR_0010.JPG');
        $this->get($take->at('takes.now'))->assertOk()->assertHeader('HX-Refresh', 'true');
        // The trace is over the stairs of each axis, and the latest photo is there to be seen.
        self::assertSame(2 * count($take->revision->toPlan()->rig->axes), substr_count((string) $this->get($take->at('takes.trace'))->assertOk()->getContent(), '<path'));
        $picture = $this->get($take->at('takes.picture'))->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        self::assertSame(160, getimagesizefromstring((string) $picture->getContent())[0] ?? 0);
        $log = TakeLogLines::read($this->get($take->at('takes.log'))->assertOk()->streamedContent());
        self::assertCount($take->lines()->count(), $log['lines']);
        // A page that lost its server says it again, perhaps after the end: it is said once. What nobody heard before the end is not lost.
        $again = ['order' => 'mark', 'photo' => '4', 'why' => 'said again', 'key' => (string) Str::uuid()];
        $unheard = ['order' => 'mark', 'photo' => '5', 'why' => 'not heard', 'key' => (string) Str::uuid()];
        TakeOrder::query()->insert([['take_id' => $take->id, 'said' => 'mark', 'key' => $unheard['key'], 'more' => '{}', 'created_at' => now()]]);
        foreach ([$again, $again, $unheard, $unheard] as $word) {
            $this->post($take->at('takes.order'), $word)->assertRedirect();
        }
        self::assertSame(['not heard', 'said again'], $take->lines()->where('kind', 'mark')->get()->map(static fn (TakeLine $line): mixed => $line->more['why'])->sort()->values()->all());
        // What is marked afterwards goes into the same log.
        $this->post($take->at('takes.order'), ['order' => 'mark', 'photo' => '4', 'to' => '5', 'why' => 'headlamps'])->assertRedirect();
        $this->get($take->at('takes.show'))->assertSee('2 bad')->assertSee('headlamps')->assertSee('6 to 10');
        // For other programs: of what the take triggered, without what was marked.
        $file = fn (string $format): string => (string) $this->get(route('takes.file', [...$take->shot->address(), 'take' => $take->id, 'format' => $format]))
            ->assertOk()->getContent();
        self::assertStringContainsString('Photos 4 to 5 missing or bad', $file('otio'));
        self::assertSame(10, substr_count($file('ffconcat'), "\nfile "));
        self::assertStringNotContainsString('_000004.jpg', $file('ffconcat'));
        self::assertStringStartsWith('BEGIN:VCALENDAR', $file('ics'));
        $this->get($take->at('takes.show'))->assertSee(Words::of('clip.files.title'));
        $this->get($take->at('takes.trace'))->assertOk()->assertSee(Words::of('takes.trace.title'))->assertSee('photos 4 to 5 flagged as bad by the shooter: headlamps');
        self::assertStringContainsString('4,spoilt,', $this->get($take->at('takes.csv'))->assertOk()->streamedContent());
        $this->put($take->at('takes.update'), ['notes' => 'calmer next time', 'rating' => '4'])->assertRedirect();
        $this->get($take->at('takes.show'))->assertSee('calmer next time');
        // What it taught is a recipe, made once and amended the next time.
        $this->post($take->at('takes.learn'), ['name' => '', 'why' => 'x'])->assertSessionHasErrors('learn.name');
        $this->post($take->at('takes.learn'), ['name' => 'Mill race by hand', 'why' => ''])->assertSessionHasErrors('learn.why');
        $this->post($take->at('takes.learn'), ['name' => 'Mill race by hand', 'why' => 'Water wants longer.'])->assertSessionHasNoErrors();
        $this->post($take->at('takes.learn'), ['name' => 'Mill race by hand', 'why' => 'Water wants twice as long.'])->assertSessionHasNoErrors();
        $recipe = Preset::query()->where('name', 'Mill race by hand')->sole();
        self::assertSame([PresetKind::Recipe, 'Water wants twice as long.'], [$recipe->kind, $recipe->note]);
        Preset::query()->create(['name' => 'A move', 'kind' => PresetKind::Move, 'note' => '', 'content' => $recipe->content]);
        $this->post($take->at('takes.learn'), ['name' => 'A move', 'why' => 'x'])->assertSessionHasErrors('learn.name');
        $this->get("{$shot->path()}/takes")->assertOk()->assertSee(Words::of('takes.index.compare'))->assertSee('calmer next time')->assertSee(Words::of('takes.found.flagged'));
        $this->get("{$shot->path()}/review")->assertOk()->assertSee(Words::of('takes.state.complete'));
        // A second take, that never came to a photo: both are there to be read.
        Take::query()->create(['status' => Status::Ended, 'ending' => Ending::Aborted] + $take->replicate(['ending', 'status', 'key'])->getAttributes());
        $this->get("{$shot->path()}/takes")->assertOk()->assertSee(Words::of('takes.index.which'))->assertSee('aborted');
        $this->get("{$shot->path()}/run")->assertOk()->assertSee(Words::of('shots.shoot_it.takes'));
        $this->get("{$shot->path()}/review")->assertOk()->assertSee(Words::of('shots.all_takes.compare'));
        $this->get("{$shot->path()}/takes?take[]=999&take[][]=x")->assertOk()->assertSee(Words::of('takes.index.none'));
        exec('rm -rf ' . escapeshellarg($card));
    }

    public function testOneThatFallsShortIsStartedWithAReasonAlone(): void
    {
        $shot = self::shot(['/timing/interval_s' => 1.0]);
        $this->addDevices('127.0.0.1:1', 'deaf');
        $values = ['rig' => (string) KitItem::query()->where('name', 'Simulated rig')->sole()->id, 'camera' => 'none', 'delay' => '0', 'school' => 'place'];
        $this->post("{$shot->path()}/takes", $values)->assertSessionHasErrors('take.reason');
        self::assertSame(0, Take::query()->count());
        $this->post("{$shot->path()}/takes", $values + ['reason' => 'to see it fail'])->assertSessionHasNoErrors();
        self::assertSame('to see it fail', Take::query()->sole()->reason);
        $this->post("{$shot->path()}/takes", $values + ['reason' => 'twice'])->assertSessionHasErrors('take.rig');
    }

    /** Two at once, on rigs that are both gone: each is waited for by itself, and ends when it is told to. */
    public function testTakesThatWaitDoNotStandInEachOthersWay(): void
    {
        $takes = [$this->start(self::shot(), '127.0.0.1:1', 'deaf'), $this->start(self::shot(), '127.0.0.1:2', 'deaf')];
        $this->post(self::shot()->path() . '/takes', ['reason' => 'x', ...$this->chosen(), 'camera' => 'none'])->assertSessionHasErrors(['take.rig' =>
            Words::of('app.start_take.other_running', title: $takes[1]->revision->toPlan()->title)]);
        foreach ($takes as $take) {
            $this->post($take->at('takes.order'), ['order' => 'abort'], ['HX-Request' => 'true'])->assertNoContent();
        }
        $this->carryOut();
        self::assertSame([Ending::Aborted, Ending::Aborted], Take::query()->orderBy('id')->pluck('ending')->all());
    }

    public function testWhatCannotFireIsNotStarted(): void
    {
        $shot = self::shot();
        $this->post("{$shot->path()}/takes", ['rig' => 'none', 'camera' => 'none'])->assertSessionHasErrors('take.rig');
        $this->post("{$shot->path()}/takes", ['rig' => 'none', 'camera' => 'none', 'delay' => 'soon'])->assertSessionHasErrors('take.delay');
        $this->post("{$shot->path()}/takes", ['rig' => 'none', 'camera' => 'none', 'when' => 'planned'])->assertSessionHasErrors(
            $shot->currentRevision()->toPlan()->secondsToFirstTrigger(microtime(true)) === null ? 'take.when' : 'take.rig',
        );
        $this->post("{$shot->path()}/takes", ['rig' => '999999', 'camera' => 'none'])->assertSessionHasErrors('take.rig');
    }

    /** What contradicts the plan is shown with what can be done, waits for an answer with a reason, and is kept in the log. */
    public function testAStartOnHoldIsAnsweredThingByThing(): void
    {
        $card = sys_get_temp_dir() . '/evrent-card-' . bin2hex(random_bytes(6));
        $camera = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$card}", '--speed=100']);
        $rig = new DeviceProcess(['rig', '--port=0', "--trigger={$camera->second}", '--speed=100']);
        config(['evrent.world_speed' => 100.0]);
        $take = $this->start(self::shot(['/timing/photos' => 4, '/timing/head_photos' => 0, '/timing/tail_photos' => 0]), $rig->address, "ptp:{$camera->address}");
        $this->post($take->at('takes.order'), ['order' => 'as_is', 'about' => 'focus', 'why' => ' '])->assertSessionHasErrors('order.why');
        self::assertSame(0, TakeOrder::query()->count());
        $this->post($take->at('takes.order'), ['order' => 'as_is', 'about' => 'focus', 'why' => 'the lens is taped'])->assertSessionHasNoErrors();
        // What the worker says of it is what the room shows.
        $take->update(['now' => ['contradictions' => [['about' => 'focus', 'says' => new Message('run.devices.not_homed'), 'set' => 'Set focus to manual']],
            'alarms' => ['rig' => new Message('takes.alarm.moving', ['photo' => 3])]]]);
        $this->get($take->at('takes.now'))->assertSee('one setting conflicts with the plan')->assertSee('Set focus to manual')
            ->assertSee(Words::of('run.devices.not_homed'))->assertSee(Words::of('takes.alarm.moving', photo: 3))->assertSee('Use as is, because');
        $this->carryOut();
        $log = TakeLogLines::read($this->get($take->at('takes.log'))->assertOk()->streamedContent())['lines'];
        $resolved = array_values(array_filter($log, static fn (LogLine $line): bool => $line->kind === LogKind::Resolved));
        $how = array_combine(
            array_map(static fn (LogLine $line): string => (string) $line->text('about'), $resolved),
            array_map(static fn (LogLine $line): array => [$line->text('how'), $line->text('because')], $resolved),
        );
        self::assertSame(['as_is', 'the lens is taped'], $how['focus'] ?? null);
        self::assertSame(['set', null], $how['rig place'] ?? null);
        self::assertSame(Ending::Complete, $take->refresh()->ending);
        exec('rm -rf ' . escapeshellarg($card));
    }

    public function testWhatATakeThatEndedEarlyLeftBecomesAShotWhoseClipFollows(): void
    {
        $shot = self::shot();
        $take = $this->start($shot, '127.0.0.1:1', 'deaf');
        $this->post($take->at('takes.rest'), ['from' => '40'])->assertSessionHasErrors('rest.from');
        $this->post($take->at('takes.order'), ['order' => 'abort'], ['HX-Request' => 'true'])->assertNoContent();
        $this->carryOut();
        $this->get($take->refresh()->at('takes.show'))->assertOk()->assertSee(Words::of('takes.show.make_rest'));
        $this->post($take->at('takes.rest'), ['from' => 'most'])->assertSessionHasErrors('rest.from');
        $total = self::planOf($shot)->photosTotal();
        $this->post($take->at('takes.rest'), ['from' => (string) $total])->assertSessionHasErrors('rest.from');
        $before = Shot::query()->count();
        foreach ([1, 2] as $press) {
            $this->post($take->at('takes.rest'), ['from' => '40'])->assertSessionHasNoErrors();
            self::assertSame($before + 1, Shot::query()->count(), "press {$press}");
        }
        $rest = Shot::query()->where('follows_take_id', $take->id)->sole();
        self::assertSame($total - 39, self::planOf($rest)->photosTotal());
        self::assertSame($shot->shoot_id, $rest->shoot_id);
        $this->get($rest->at('clip.show'))->assertOk()->assertSee(Words::of('clip.show.follows'));
        $this->get($take->at('takes.show'))->assertSee(Words::of('takes.show.rest_is'))->assertSee($rest->title());
    }

    public function testTheSameOrderTwiceIsOneAndAWrongOneIsRefused(): void
    {
        $take = $this->start(self::shot(), '127.0.0.1:1', 'deaf');
        $order = ['order' => 'pause', 'key' => '2f1c1c1e-5b1f-4d56-9b7a-0d8f1f2a3b4c'];
        $this->post($take->at('takes.order'), $order, ['HX-Request' => 'true'])->assertNoContent();
        $this->post($take->at('takes.order'), $order, ['HX-Request' => 'true'])->assertNoContent();
        self::assertSame(1, TakeOrder::query()->count());
        $this->post($take->at('takes.order'), ['order' => 'dance'])->assertSessionHasErrors('order.order');
        $this->post($take->at('takes.order'), ['order' => 'mark', 'photo' => 'x'])->assertSessionHasErrors('order.photo');
    }

    /** A rig that two want has one hand on it, whatever they call it; and one on another machine is believed until it was not heard of for long. */
    public function testTwoWorkersNeverHoldOneRig(): void
    {
        $take = $this->start(self::shot(), '127.0.0.1:1', 'deaf');
        $other = DeviceLocks::take('localhost:1', '');
        self::assertNotNull($other);
        self::assertFalse(self::holds($take));
        $other->letGo();
        self::assertTrue(self::holds($take));
        $there = static fn (string $heard): int => Take::query()->whereKey($take->id)->update(['driven_from' => 'elsewhere', 'beat_at' => now()->modify($heard)]);
        $there('-5 seconds');
        self::assertFalse(self::holds($take));
        $there('-20 seconds');
        self::assertTrue(self::holds($take));
    }

    /** Who drives a take has a token that rises: a line under a lower one is refused, and the same line twice is one. */
    public function testALineIsStoredOnceUnderTheTokenOfWhoDrives(): void
    {
        $take = $this->start(self::shot(), '127.0.0.1:1', 'deaf');
        $first = RecordTake::holding($take);
        self::assertNotNull($first);
        $line = static fn (int $photo): LogLine => new LogLine(LogKind::Intent, 1.5, $photo, ['due_s' => 1.0]);
        self::assertSame(Appended::Stored, $first->append($line(1), 1));
        self::assertSame(Appended::StoredBefore, $first->append($line(1), 1));
        self::assertSame(Appended::Refused, $first->append($line(2), 1));
        // As a worker that stood still while another took over.
        $first->letGo();
        $second = RecordTake::holding($take);
        self::assertNotNull($second);
        self::assertSame([], $second->orders());
        self::assertSame(Appended::Refused, $first->append($line(2), 2));
        self::assertSame(Appended::Refused, $first->append($line(1), 1));
        self::assertSame(Appended::Stored, $second->append($line(2), 2));
        $first->beat(new TakeState(Schedule::of($take->revision->toPlan())), 1.0, null);
        self::assertNull($take->refresh()->now);
        $lines = TakeLine::query()->where('take_id', $take->id)->orderBy('number')->get();
        self::assertSame([1, 2], $lines->map(static fn (TakeLine $kept): ?int => $kept->photo)->all());
        self::assertGreaterThan($lines->firstOrFail()->token, $lines->last()?->token);
        self::assertSame(Appended::Stored, $second->append(new LogLine(LogKind::Ended, 2.0, null, ['how' => 'aborted']), 3));
        self::assertSame([Status::Ended, Ending::Aborted], [$take->refresh()->status, $take->ending]);
        $second->letGo();
        $this->expectException(HoldLost::class);
        $first->orders();
    }

    /** Two shots that are started on one rig in the same moment, each before it could see the other. */
    public function testOfTwoShotsStartedAtOnceOnOneRigTheSecondIsRefusedByTheDatabase(): void
    {
        $first = $this->start(self::shot(), '127.0.0.1:1', 'deaf');
        $this->expectException(UniqueConstraintViolationException::class);
        Take::query()->create(['rig_address' => 'localhost:1'] + $first->replicate()->getAttributes());
    }

    public function testADeviceOfTheKitIsTried(): void
    {
        $card = sys_get_temp_dir() . '/evrent-card-' . bin2hex(random_bytes(6));
        $camera = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$card}", '--speed=200']);
        $rig = new DeviceProcess(['rig', '--port=0', '--speed=200']);
        $this->addDevices($rig->address, "ptp:{$camera->address}");
        $address = static fn (string $name): string => '/kit/' . KitItem::query()->where('name', $name)->sole()->id . '/tries';
        $this->post($address('Simulated rig'))->assertSessionHas('notice', 'Simulated rig: Responding. Not homed: it homes before it moves. Battery 100 %.');
        $this->post($address('Simulated rig'), ['acts' => '1'])->assertSessionHas('notice', static fn (string $said): bool => str_contains($said, 'Homed. '));
        $this->post($address('Simulated body'), ['acts' => '1'])->assertSessionHas('notice', static fn (string $said): bool => str_contains($said, 'EVR_0001.JPG'));
        $rig->kill();
        $id = KitItem::query()->where('name', 'Simulated rig')->sole()->id;
        $this->post($address('Simulated rig'))->assertSessionHasErrors("kit.{$id}.address");
        exec('rm -rf ' . escapeshellarg($card));
    }

    public function testAnAddressThatLeadsNowhereIsRefusedInTheKit(): void
    {
        $rig = ['kind' => 'rig', 'name' => 'Odd rig', 'slide_min' => '0', 'slide_max' => '900', 'slide_max_speed' => '40',
            'slide_max_acceleration' => '90', 'slide_steps_per_unit' => '80', 'count' => '1', 'note' => ''];
        $this->post('/kit', $rig + ['address' => 'over there'])->assertSessionHasErrors('kit.new.address');
        $this->post('/kit', $rig + ['address' => '/dev/ttyUSB0@115200'])->assertSessionHasNoErrors();
        self::assertSame('/dev/ttyUSB0@115200', KitItem::query()->where('name', 'Odd rig')->sole()->piece()->address);
    }

    private static function holds(Take $take): bool
    {
        $held = RecordTake::holding($take);
        $held?->letGo();

        return $held !== null;
    }

    private function start(Shot $shot, string $rig, string $camera): Take
    {
        $this->addDevices($rig, $camera);
        $this->post("{$shot->path()}/takes", ['delay' => '0', 'reason' => 'x', ...$this->chosen(), ...($camera === 'deaf' ? ['camera' => 'none'] : [])])
            ->assertSessionHasNoErrors();

        return Take::query()->latest('id')->firstOrFail();
    }
}
