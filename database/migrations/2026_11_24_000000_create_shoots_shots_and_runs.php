<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('shoots', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 200);
            $table->string('place', 200)->default('');
            $table->date('shoot_date')->nullable();
            $table->boolean('is_demo')->default(false);
            $table->timestampsTz();
        });

        Schema::create('shots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shoot_id')->constrained()->cascadeOnDelete();
            $table->string('start_time', 8)->nullable()->comment('Time of day on the shooter\'s clock, as typed');
            $table->unsignedBigInteger('current_revision_id')->nullable();
            $table->timestampsTz();
            $table->softDeletesTz();
            $table->index(['shoot_id', 'id']);
        });

        Schema::create('plan_revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shot_id')->constrained()->cascadeOnDelete();
            $table->foreignId('parent_id')->nullable()->constrained('plan_revisions')->cascadeOnDelete();
            $table->jsonb('plan')->comment('evrent.plan/1');
            $table->string('reason', 300)->comment('What was changed, for the history');
            $table->timestampTz('created_at');
            $table->index(['parent_id', 'id']);
            $table->unique(['id', 'shot_id']);
        });

        // A shot can only stand on a revision of its own.
        DB::statement('alter table shots add constraint shots_current_revision_fk
            foreign key (current_revision_id, id) references plan_revisions (id, shot_id) deferrable initially deferred');

        // Undo, history and the proof of what a run followed rest on revisions never changing.
        DB::unprepared(<<<'SQL'
            create or replace function refuse_revision_change() returns trigger language plpgsql as $$
            begin
                raise exception 'plan revisions are never changed: make a new one';
            end $$;
            create trigger plan_revisions_are_immutable before update on plan_revisions
                for each row execute function refuse_revision_change();
        SQL);

        Schema::create('runs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shot_id')->constrained()->cascadeOnDelete();
            $table->foreignId('plan_revision_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 20)->comment('dry: in virtual time, on the simulated rig and camera');
            $table->bigInteger('seed');
            $table->integer('photos_total');
            $table->integer('late_photos');
            $table->integer('latest_photo');
            $table->double('latest_late_seconds');
            $table->double('planned_run_seconds');
            $table->double('run_seconds');
            $table->timestampTz('created_at');
        });

        Schema::create('run_photos', function (Blueprint $table): void {
            $table->foreignId('run_id')->constrained()->cascadeOnDelete();
            $table->integer('number');
            $table->string('phase', 10);
            $table->double('planned_trigger_seconds');
            $table->double('trigger_seconds');
            $table->double('open_seconds')->nullable()->comment('Null when the camera took no photo');
            $table->double('close_seconds')->nullable();
            $table->double('planned_write_end_seconds');
            $table->double('write_end_seconds')->nullable();
            $table->double('late_seconds');
            $table->jsonb('planned_motor_position_steps');
            $table->jsonb('motor_position_steps');
            $table->primary(['run_id', 'number']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('run_photos');
        Schema::dropIfExists('runs');
        DB::statement('alter table shots drop constraint if exists shots_current_revision_fk');
        Schema::dropIfExists('plan_revisions');
        DB::statement('drop function if exists refuse_revision_change');
        Schema::dropIfExists('shots');
        Schema::dropIfExists('shoots');
    }
};
