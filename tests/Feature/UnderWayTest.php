<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shoot;
use App\Models\Take;
use Evrent\Core\Run\Take\Ending;
use Evrent\Core\Run\Take\Status;
use Evrent\Words\Words;
use Illuminate\Support\Facades\Artisan;
use Symfony\Component\Process\Process;
use Tests\Devices\DeviceProcess;

/**
 * What is being shot stays where it is, and what a backup brings back moves nothing.
 */
final class UnderWayTest extends PageTestCase
{
    use DevicesInTheKit;

    public function testWhatIsBeingShotIsNeitherDeletedNorMoved(): void
    {
        $take = $this->started('127.0.0.1:1');
        $shot = $take->shot;
        $other = Shoot::query()->create(['name' => 'Another day', 'place' => '']);
        $asks = [
            fn () => $this->delete($shot->path()), fn () => $this->delete("/shoots/{$shot->shoot_id}"),
            fn () => $this->put("{$shot->path()}/shoot", ['shoot_id' => (string) $other->id]),
        ];
        foreach ($asks as $ask) {
            $ask()->assertRedirect()->assertSessionHas('way.href', $take->at('takes.show'))
                ->assertSessionHas('notice', static fn (string $says): bool => str_contains($says, 'is running. End it first.'));
        }
        self::assertSame([false, false], [$shot->refresh()->trashed(), Shoot::query()->findOrFail($shot->shoot_id)->trashed()]);
        self::assertNotSame($other->id, $shot->shoot_id);
        foreach (['/', "/shoots/{$shot->shoot_id}"] as $page) {
            $this->get($page)->assertOk()->assertSee(Words::of('takes.under_way.open'))->assertSee($take->at('takes.show'));
        }
        Shoot::query()->whereKey($shot->shoot_id)->update(['is_demo' => true]);
        self::assertSame(1, Artisan::call('evrent:demo', ['--reset' => true]));
        self::assertStringContainsString(Words::of('cli.demo.under_way'), Artisan::output());
        self::assertNotNull($take->fresh());
        // Gone with an earlier Evrent, or by hand in the database: its take is there all the same, and can be ended.
        Shoot::query()->whereKey($shot->shoot_id)->update(['deleted_at' => now()]);
        $this->get($take->at('takes.show'))->assertOk()->assertSee('Run room');
        $this->post($take->at('takes.order'), ['order' => 'abort'], ['HX-Request' => 'true'])->assertNoContent();
        $this->carryOut();
        self::assertSame(Ending::Aborted, $take->refresh()->ending);
        $this->get($take->at('takes.show'))->assertOk()->assertSee('Aborted.');
        Shoot::withTrashed()->whereKey($shot->shoot_id)->update(['deleted_at' => null]);
        $this->delete($shot->path())->assertSessionHas('deleted');
    }

    public function testWhatABackupBroughtBackMovesNothingUntilSomebodyLookedAtTheRig(): void
    {
        $rig = new DeviceProcess(['rig', '--port=0', '--speed=200']);
        $take = $this->started($rig->address);
        Take::query()->whereKey($take->id)->update(['status' => Status::Interrupted]);
        $this->carryOut();
        self::assertSame([Status::Interrupted, 0], [$take->refresh()->status, $take->lines()->count()]);
        $this->get($take->at('takes.show'))->assertOk()->assertSee('A backup was restored')->assertSee(Words::of('takes.interrupted.ask'))->assertDontSee(Words::of('takes.interrupted.resume'));
        $this->get('/')->assertSee('Interrupted');
        $say = fn (string $act) => $this->post($take->at('takes.resume'), ['act' => $act]);
        $say('ask')->assertSessionHas('stands', static fn (string $says): bool => str_contains($says, Words::of('app.resume_take.not_homed')));
        $this->get($take->at('takes.show'))->assertSee(Words::of('takes.interrupted.resume'));
        // Another has its rig by now.
        $other = $this->started($rig->address);
        $say('go_on')->assertSessionHasErrors(['resume.rig' => Words::of('app.resume_take.elsewhere')]);
        Take::query()->whereKey($other->id)->delete();
        $say('go_on')->assertSessionHasNoErrors();
        self::assertSame(Status::Prepared, $take->refresh()->status);
        Take::query()->whereKey($take->id)->update(['status' => Status::Interrupted]);
        $rig->kill();
        $say('ask')->assertSessionHasErrors('resume.rig');
        $say('end')->assertSessionHasNoErrors();
        $say('end')->assertSessionHasNoErrors();
        self::assertSame([Status::Ended, Ending::Aborted, 1], [$take->refresh()->status, $take->ending, $take->lines()->where('kind', 'ended')->count()]);
        $this->get($take->at('takes.show'))->assertOk()->assertSee('Aborted: A backup was restored during the take.');
    }

    public function testARigThatIsNoneIsToldByItsOwnWords(): void
    {
        $code = '$line = stream_socket_server("tcp://127.0.0.1:0"); echo stream_socket_get_name($line, false), "\n"; while (true) { $host = stream_socket_accept($line, 60);'
            . ' fwrite($host, "SMTP 220 salt works\n"); fread($host, 99); fwrite($host, "500 what is that\n"); fclose($host); }';
        $process = new Process([PHP_BINARY, '-r', $code]);
        $process->start();
        $process->waitUntil(static fn (string $type, string $said): bool => str_contains($said, "\n"));
        $take = $this->started(trim($process->getOutput()));
        $this->carryOut();
        self::assertSame([Status::Ended, Ending::Failed], [$take->refresh()->status, $take->ending]);
        $this->get($take->at('takes.show'))->assertOk()->assertSee('does not answer in G-code. It said: 500 what is that');
        $process->stop(0.0);
    }

    private function started(string $rig): Take
    {
        $shot = self::shot(['/timing/photos' => 6, '/timing/head_photos' => 0, '/timing/tail_photos' => 0]);
        $this->addDevices($rig, 'deaf');
        $this->post("{$shot->path()}/takes", ['delay' => '0', 'reason' => 'x', ...$this->chosen(), 'camera' => 'none'])->assertSessionHasNoErrors();

        return Take::query()->latest('id')->firstOrFail();
    }
}
