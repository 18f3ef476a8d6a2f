<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        $this->settleConstraints();
        Schema::table('shoots', function (Blueprint $table): void {
            $table->double('latitude')->nullable();
            $table->double('longitude')->nullable();
            $table->double('elevation')->default(0)->comment('Metres above the sea');
            $table->string('zone', 64)->nullable();
            $table->double('sky_glow')->default(0)->comment('Lux that towns add to the night sky');
            $table->jsonb('hazards')->default('[]')->comment('What the shooter says can hurt somebody there');
            $table->jsonb('packed')->default('[]')->comment('What is in the bags already');
            $table->jsonb('day_events')->default('[]')->comment('Own timed events: at as typed, label');
        });
        Schema::table('shots', function (Blueprint $table): void {
            $table->integer('setup_minutes')->default(30);
            $table->integer('teardown_minutes')->default(15);
        });
        // The start moves into the plan, where undo and a run's proof find it: one more revision for each shot that has one.
        DB::statement(<<<'SQL'
            insert into plan_revisions (shot_id, parent_id, plan, reason, created_at)
            select s.id, s.current_revision_id,
                   r.plan || jsonb_build_object('start', jsonb_build_object('event', 'clock', 'at', s.start_time)),
                   'start ' || s.start_time, now()
            from shots s join plan_revisions r on r.id = s.current_revision_id
            where s.start_time is not null
        SQL);
        DB::statement(<<<'SQL'
            update shots s set current_revision_id = n.id
            from (select shot_id, max(id) as id from plan_revisions group by shot_id) n
            where n.shot_id = s.id and s.start_time is not null
        SQL);
        $this->settleConstraints();
        Schema::table('shots', static fn (Blueprint $table) => $table->dropColumn('start_time'));
        Schema::create('kit_items', function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 20);
            $table->string('name', 120);
            $table->jsonb('content')->comment('One item of evrent.kit/1');
            $table->timestampsTz();
            $table->unique(['kind', 'name']);
        });
        Schema::create('trials', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shoot_id')->constrained()->cascadeOnDelete();
            $table->string('subject', 120);
            $table->jsonb('content')->comment('Intervals, shutters, photos a cell, and a verdict for each cell');
            $table->timestampsTz();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('trials');
        Schema::dropIfExists('kit_items');
        $this->settleConstraints();
        Schema::table('shots', function (Blueprint $table): void {
            $table->dropColumn(['setup_minutes', 'teardown_minutes']);
            $table->string('start_time', 8)->nullable();
        });
        DB::statement(<<<'SQL'
            update shots s set start_time = left(r.plan->'start'->>'at', 8)
            from plan_revisions r where r.id = s.current_revision_id and r.plan->'start'->>'event' = 'clock'
        SQL);
        $this->settleConstraints();
        Schema::table('shoots', static fn (Blueprint $table) => $table->dropColumn([
            'latitude', 'longitude', 'elevation', 'zone', 'sky_glow', 'hazards', 'packed', 'day_events',
        ]));
    }

    /** Rows that were changed have their references checked now: until then their table cannot be altered. */
    private function settleConstraints(): void
    {
        DB::statement('set constraints all immediate');
        DB::statement('set constraints all deferred');
    }
};
