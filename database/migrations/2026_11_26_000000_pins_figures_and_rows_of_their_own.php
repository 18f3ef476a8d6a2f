<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

// Every step can be taken back: what was there before is written back to where it was.
return new class () extends Migration {
    /** What can be deleted and brought back. */
    private const BINNED = ['shoots', 'presets', 'kit_items', 'trials'];

    public function up(): void
    {
        DB::statement('set constraints all immediate');
        DB::statement('set constraints all deferred');
        // What was pinned belongs to the revision: undo brings it back.
        Schema::table('plan_revisions', function (Blueprint $table): void {
            $table->jsonb('pins')->nullable()->comment('What the shooter asked for of photos, interval and shooting time');
        });
        $this->unlocked(<<<'SQL'
            update plan_revisions r set pins = jsonb_build_object('follows', s.follows, 'photos', null, 'clip_s', null, 'shooting_s', null)
            from shots s where s.current_revision_id = r.id and s.follows <> 'shooting'
        SQL);
        Schema::table('shots', static fn (Blueprint $table) => $table->dropColumn('follows'));

        Schema::create('revision_figures', function (Blueprint $table): void {
            $table->foreignId('plan_revision_id')->primary()->constrained()->cascadeOnDelete();
            $table->integer('version')->comment('Of what is worked out: another one is worked out again');
            $table->jsonb('figures')->nullable()->comment('Null when this plan cannot be worked out');
        });
        Schema::create('answered_requests', function (Blueprint $table): void {
            $table->uuid('key')->primary()->comment('Made by the page for one edit: sent again, it counts once');
            $table->unsignedBigInteger('plan_revision_id')->nullable()->comment('Where it led to');
            $table->text('location')->nullable();
            $table->timestampTz('created_at')->useCurrent()->index();
        });

        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->unsignedBigInteger('user_id')->nullable();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestampTz('failed_at')->useCurrent();
        });

        Schema::create('day_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shoot_id')->constrained()->cascadeOnDelete();
            $table->string('at', 60);
            $table->string('label', 80);
            $table->timestampsTz();
            $table->softDeletesTz();
            $table->index(['shoot_id', 'id']);
        });
        DB::statement(<<<'SQL'
            insert into day_events (shoot_id, at, label, created_at, updated_at)
            select s.id, e.event->>'at', e.event->>'label', now(), now()
            from shoots s cross join lateral jsonb_array_elements(s.day_events) with ordinality e(event, place) order by s.id, e.place
        SQL);
        Schema::create('packed_items', function (Blueprint $table): void {
            $table->foreignId('shoot_id')->constrained()->cascadeOnDelete();
            $table->string('item', 300);
            $table->primary(['shoot_id', 'item']);
        });
        DB::statement(<<<'SQL'
            insert into packed_items (shoot_id, item)
            select distinct s.id, left(e.item, 300) from shoots s cross join lateral jsonb_array_elements_text(s.packed) e(item)
        SQL);
        Schema::table('shoots', static fn (Blueprint $table) => $table->dropColumn(['day_events', 'packed']));

        foreach (self::BINNED as $name) {
            Schema::table($name, static fn (Blueprint $table) => $table->softDeletesTz());
        }
        // A name in the bin is free again.
        DB::statement('alter table presets drop constraint presets_name_unique');
        DB::statement('create unique index presets_name_unique on presets (name) where deleted_at is null');
        DB::statement('alter table kit_items drop constraint kit_items_kind_name_unique');
        DB::statement('create unique index kit_items_kind_name_unique on kit_items (kind, name) where deleted_at is null');
    }

    public function down(): void
    {
        DB::statement('set constraints all immediate');
        foreach (['presets' => 'name', 'kit_items' => 'name'] as $name => $column) {
            // What lies in the bin comes back under a name of its own rather than be dropped.
            DB::statement("update {$name} set {$column} = left({$column}, 100) || ' (deleted ' || id || ')' where deleted_at is not null");
        }
        DB::statement('drop index presets_name_unique');
        DB::statement('alter table presets add constraint presets_name_unique unique (name)');
        DB::statement('drop index kit_items_kind_name_unique');
        DB::statement('alter table kit_items add constraint kit_items_kind_name_unique unique (kind, name)');
        foreach (self::BINNED as $name) {
            Schema::table($name, static fn (Blueprint $table) => $table->dropSoftDeletesTz());
        }
        Schema::table('shoots', function (Blueprint $table): void {
            $table->jsonb('packed')->default('[]')->comment('What is in the bags already');
            $table->jsonb('day_events')->default('[]')->comment('Own timed events: at as typed, label');
        });
        DB::statement(<<<'SQL'
            update shoots s set
                packed = coalesce((select jsonb_agg(p.item order by p.item) from packed_items p where p.shoot_id = s.id), '[]'),
                day_events = coalesce((
                    select jsonb_agg(jsonb_build_object('at', e.at, 'label', e.label) order by e.id)
                    from day_events e where e.shoot_id = s.id and e.deleted_at is null), '[]')
        SQL);
        foreach (['packed_items', 'day_events', 'failed_jobs', 'jobs', 'sessions', 'answered_requests', 'revision_figures'] as $name) {
            Schema::dropIfExists($name);
        }
        Schema::table('shots', function (Blueprint $table): void {
            $table->string('follows', 10)->default('shooting')->comment('Which of photos, interval and shooting follows from the other two');
        });
        DB::statement(<<<'SQL'
            update shots s set follows = r.pins->>'follows'
            from plan_revisions r where r.id = s.current_revision_id and r.pins->>'follows' is not null
        SQL);
        Schema::table('plan_revisions', static fn (Blueprint $table) => $table->dropColumn('pins'));
        DB::statement('set constraints all deferred');
    }

    /** Revisions never change, but for what is told of them by a migration. */
    private function unlocked(string $statement): void
    {
        DB::statement('alter table plan_revisions disable trigger plan_revisions_are_immutable');
        DB::statement($statement);
        DB::statement('set constraints all immediate');
        DB::statement('alter table plan_revisions enable trigger plan_revisions_are_immutable');
        DB::statement('set constraints all deferred');
    }
};
