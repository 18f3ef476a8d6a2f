<?php

declare(strict_types=1);

use App\Http\Controllers\BinController;
use App\Http\Controllers\DayController;
use App\Http\Controllers\EditController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\JogController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\LightController;
use App\Http\Controllers\LookController;
use App\Http\Controllers\PackingController;
use App\Http\Controllers\PlaceController;
use App\Http\Controllers\PlanFileController;
use App\Http\Controllers\PresetController;
use App\Http\Controllers\RemedyController;
use App\Http\Controllers\RunController;
use App\Http\Controllers\ScheduleController;
use App\Http\Controllers\ShootController;
use App\Http\Controllers\ShotController;
use App\Http\Controllers\TrialController;
use App\Http\Controllers\UpController;
use App\Http\Middleware\SessionForPages;
use Illuminate\Support\Facades\Route;

// Numbers longer than this are no id that the database could hold.
Route::pattern('shoot', '[0-9]{1,15}');
Route::pattern('shot', '[0-9]{1,15}');
Route::pattern('run', '[0-9]{1,15}');
Route::pattern('revision', '[0-9]{1,15}');
Route::pattern('preset', '[0-9]{1,15}');
Route::pattern('item', '[0-9]{1,15}');
Route::pattern('trial', '[0-9]{1,15}');
Route::pattern('dayEvent', '[0-9]{1,15}');
Route::pattern('id', '[0-9]{1,15}');

Route::get('/up', UpController::class)->withoutMiddleware('web');
Route::get('/shoots/{shoot}/day', [DayController::class, 'show'])->name('shoots.day');

Route::get('/', [ShootController::class, 'index'])->name('shoots.index');
Route::post('/shoots', [ShootController::class, 'store'])->name('shoots.store');
Route::get('/shoots/{shoot}', [ShootController::class, 'show'])->name('shoots.show');
Route::delete('/shoots/{shoot}', [ShootController::class, 'destroy'])->name('shoots.destroy');
Route::post('/bin/{kind}/{id}', [BinController::class, 'restore'])->name('bin.restore');

Route::put('/shoots/{shoot}/place', [PlaceController::class, 'update'])->name('shoots.place');
Route::post('/shoots/{shoot}/events', [DayController::class, 'storeEvent'])->name('shoots.events.store');
Route::delete('/shoots/{shoot}/events/{dayEvent}', [DayController::class, 'destroyEvent'])->name('shoots.events.destroy')->scopeBindings();
Route::get('/shoots/{shoot}/sheet', [DayController::class, 'sheet'])->name('shoots.sheet');
Route::get('/shoots/{shoot}/day.ics', [DayController::class, 'calendar'])->name('shoots.calendar');
Route::put('/shots/{shot}/stay', [DayController::class, 'moveShot'])->name('shots.stay');

Route::post('/shoots/{shoot}/shots', [ShotController::class, 'store'])->name('shots.store');
Route::get('/shots/{shot}', [ShotController::class, 'show'])->name('shots.show');
// Edits: sent by a script they are answered with parts of the page, and need nothing of the session.
Route::group([SessionForPages::UNNEEDED => true], static function (): void {
    Route::put('/shots/{shot}', [ShotController::class, 'update'])->name('shots.update');
    Route::post('/shots/{shot}/undo', [HistoryController::class, 'undo'])->name('shots.undo');
    Route::post('/shots/{shot}/redo', [HistoryController::class, 'redo'])->name('shots.redo');
    Route::post('/shots/{shot}/edits', [EditController::class, 'store'])->name('shots.edits.store');
    Route::post('/shots/{shot}/jog', [JogController::class, 'store'])->name('shots.jog');
    Route::post('/shots/{shot}/remedies', [RemedyController::class, 'store'])->name('shots.remedies.store');
});
Route::put('/shots/{shot}/title', [ShotController::class, 'rename'])->name('shots.rename');
Route::post('/shots/{shot}/copies', [ShotController::class, 'duplicate'])->name('shots.duplicate');
Route::delete('/shots/{shot}', [ShotController::class, 'destroy'])->name('shots.destroy');

Route::get('/shots/{shot}/history', [HistoryController::class, 'show'])->name('shots.history');
Route::post('/shots/{shot}/revisions/{revision}', [HistoryController::class, 'restore'])->name('shots.revisions.restore')->scopeBindings();
Route::post('/shots/{shot}/presets', [PresetController::class, 'store'])->name('shots.presets.store');
Route::post('/shots/{shot}/applied-presets', [PresetController::class, 'apply'])->name('shots.presets.apply');

Route::get('/shots/{shot}/schedule', [ScheduleController::class, 'show'])->name('shots.schedule');
Route::get('/shots/{shot}/schedule.csv', [ScheduleController::class, 'csv'])->name('shots.schedule.csv');
Route::post('/shoots/{shoot}/plan-files', [PlanFileController::class, 'store'])->name('plan-files.store');
Route::get('/shots/{shot}/plan.json', [PlanFileController::class, 'show'])->name('plan-files.show');

Route::post('/shots/{shot}/runs', [RunController::class, 'store'])->name('runs.store');
Route::get('/runs/{run}', [RunController::class, 'show'])->name('runs.show');

Route::get('/presets', [PresetController::class, 'index'])->name('presets.index');
Route::post('/presets', [PresetController::class, 'storeRecipe'])->name('presets.store');
Route::put('/presets/{preset}', [PresetController::class, 'update'])->name('presets.update');
Route::delete('/presets/{preset}', [PresetController::class, 'destroy'])->name('presets.destroy');

Route::get('/kit', [KitController::class, 'index'])->name('kit.index');
Route::post('/kit', [KitController::class, 'store'])->name('kit.store');
Route::post('/kit/files', [KitController::class, 'import'])->name('kit.import');
Route::get('/kit.json', [KitController::class, 'json'])->name('kit.json');
Route::get('/kit.csv', [KitController::class, 'csv'])->name('kit.csv');
Route::put('/kit/{item}', [KitController::class, 'update'])->name('kit.update');
Route::delete('/kit/{item}', [KitController::class, 'destroy'])->name('kit.destroy');
Route::post('/shots/{shot}/kit', [KitController::class, 'pick'])->name('shots.kit');
Route::get('/shoots/{shoot}/packing', [PackingController::class, 'show'])->name('shoots.packing');
Route::put('/shoots/{shoot}/packing', [PackingController::class, 'update'])->name('shoots.packed');

Route::get('/shoots/{shoot}/trials', [TrialController::class, 'index'])->name('trials.index');
Route::post('/shoots/{shoot}/trials', [TrialController::class, 'store'])->name('trials.store');
Route::put('/trials/{trial}', [TrialController::class, 'update'])->name('trials.update');
Route::post('/trials/{trial}/recipe', [TrialController::class, 'recipe'])->name('trials.recipe');
Route::delete('/trials/{trial}', [TrialController::class, 'destroy'])->name('trials.destroy');

Route::get('/shots/{shot}/schools', [LightController::class, 'show'])->name('shots.schools');

Route::put('/look', [LookController::class, 'update'])->name('look.update');
