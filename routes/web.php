<?php

declare(strict_types=1);

use App\Http\Controllers\EditController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\JogController;
use App\Http\Controllers\LookController;
use App\Http\Controllers\PlanFileController;
use App\Http\Controllers\PresetController;
use App\Http\Controllers\RemedyController;
use App\Http\Controllers\RunController;
use App\Http\Controllers\ScheduleController;
use App\Http\Controllers\ShootController;
use App\Http\Controllers\ShotController;
use Illuminate\Support\Facades\Route;

// Numbers longer than this are no id that the database could hold.
Route::pattern('shoot', '[0-9]{1,15}');
Route::pattern('shot', '[0-9]{1,15}');
Route::pattern('run', '[0-9]{1,15}');
Route::pattern('revision', '[0-9]{1,15}');
Route::pattern('preset', '[0-9]{1,15}');

Route::get('/up', static fn (): string => 'up')->withoutMiddleware('web');

Route::get('/', [ShootController::class, 'index'])->name('shoots.index');
Route::post('/shoots', [ShootController::class, 'store'])->name('shoots.store');
Route::get('/shoots/{shoot}', [ShootController::class, 'show'])->name('shoots.show');

Route::post('/shoots/{shoot}/shots', [ShotController::class, 'store'])->name('shots.store');
Route::get('/shots/{shot}', [ShotController::class, 'show'])->name('shots.show');
Route::put('/shots/{shot}', [ShotController::class, 'update'])->name('shots.update');
Route::put('/shots/{shot}/title', [ShotController::class, 'rename'])->name('shots.rename');
Route::post('/shots/{shot}/copies', [ShotController::class, 'duplicate'])->name('shots.duplicate');
Route::delete('/shots/{shot}', [ShotController::class, 'destroy'])->name('shots.destroy');
Route::post('/shots/{shot}/restore', [ShotController::class, 'restore'])->name('shots.restore')->withTrashed();

Route::post('/shots/{shot}/undo', [HistoryController::class, 'undo'])->name('shots.undo');
Route::post('/shots/{shot}/redo', [HistoryController::class, 'redo'])->name('shots.redo');
Route::get('/shots/{shot}/history', [HistoryController::class, 'show'])->name('shots.history');
Route::post('/shots/{shot}/revisions/{revision}', [HistoryController::class, 'restore'])->name('shots.revisions.restore');
Route::post('/shots/{shot}/edits', [EditController::class, 'store'])->name('shots.edits.store');
Route::post('/shots/{shot}/jog', [JogController::class, 'store'])->name('shots.jog');
Route::post('/shots/{shot}/presets', [PresetController::class, 'store'])->name('shots.presets.store');
Route::post('/shots/{shot}/applied-presets', [PresetController::class, 'apply'])->name('shots.presets.apply');
Route::post('/shots/{shot}/remedies', [RemedyController::class, 'store'])->name('shots.remedies.store');



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

Route::put('/look', [LookController::class, 'update'])->name('look.update');
