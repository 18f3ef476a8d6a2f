@php
    use App\Pages\Presets;
    use Evrent\Core\Words\PlainText;
    use Evrent\Core\Presets\PresetKind;
    [$recipes, $others] = $presets->partition(fn ($preset) => $preset->kind === PresetKind::Recipe);
@endphp
<x-layout title="Presets" :crumbs="['Shoots' => route('shoots.index'), 'Presets' => null]">
    <div class="page presets">
        <header class="page-head"><h1>Presets</h1>
        <p class="quiet">Where to start for usual subjects, and moves and shots you kept. A shot takes them from its own page.</p></header>
        <section class="panel" aria-labelledby="recipes-title">
            <header class="panel-head"><h2 id="recipes-title">Recipes</h2></header>
            @foreach ([...$recipes->all(), null] as $preset)
                @php
                    $bag = $preset === null ? 'recipe.new' : "recipe.{$preset->id}";
                    $key = $preset?->id ?? 'new';
                    $mine = old('bag') === $bag;
                    $recipe = $preset === null ? null : Presets::recipe($preset);
                @endphp
                <x-fold :id="$preset === null ? 'preset-new' : 'preset-' . $preset->id" :title="$preset?->name ?? 'A recipe of your own'"
                    :says="$recipe?->inShort()" :is-open="$mine" class="preset-fold"><div class="preset">
                    <form method="post" action="{{ $preset === null ? route('presets.store') : route('presets.update',
                        $preset) }}">@csrf @if ($preset !== null) @method('put')<x-was :of="Presets::texts($preset)" /> @endif
                        @foreach ([
                            'name' => [$preset === null ? 'A recipe of your own' : 'Subject', $preset?->name ?? '', '', '26ch', 'text'],
                            'interval_s' => ['One every', $recipe === null ? '' : PlainText::span($recipe->intervalSeconds), '', '7ch', 'text'],
                            'open_share' => ['open for', $recipe === null ? '' : PlainText::percent($recipe->openShare), '% of it', '5ch', 'decimal'],
                            'clip_s' => ['for a clip of', $recipe === null ? '' : PlainText::span($recipe->clipSeconds), '', '6ch', 'text'],
                            'note' => ['because', $preset?->note ?? '', '', '90ch', 'text'],
                        ] as $field => [$label, $kept, $unit, $width, $mode])
                            <x-field :id="$field . '-' . $key" :label="$label" :name="$field" :width="$width" :unit="$unit" :inputmode="$mode"
                                :is-text="in_array($field, ['name', 'note'], true)" :around="$field === 'note' ? 'is-whole' : ''"
                                :value="$mine ? null : $kept" :problem="$errors->first($bag . '.' . ($field === 'note' ? 'reason' : $field))" />
                        @endforeach
                        @foreach ([
                            'exposed_for' => ['exposed for', $recipe?->exposedFor->value ?? '', ['' => 'as the shot has it', 'land' => 'the land',
                                'sky' => 'the sky', 'lamps' => 'what lamps light']],
                            'follows_light' => ['exposures', $recipe?->followsLight ? '1' : '', ['' => 'stay', '1' => 'follow the light']],
                            'on_mains' => ['fed from', $recipe?->onMains ? '1' : '', ['' => 'batteries', '1' => 'the mains']],
                        ] as $field => [$label, $kept, $options])
                            <x-field :id="$field . '-' . $key" :label="$label" :name="$field" :options="$options" :value="$mine ? null : $kept"
                                :problem="$errors->first($bag . '.' . $field)" />
                        @endforeach
                        @if ($recipe !== null)<span class="quiet">{{ PlainText::duration($recipe->shootingSeconds(24)) }} of shooting at 24 fps</span>@endif
                        <button class="button">{{ $preset === null ? 'Save recipe' : 'Save' }}</button>
                    </form>
                    @if ($preset !== null)<x-act :action="route('presets.destroy', $preset)" method="delete" icon="trash-2" class="is-quiet"><span
                        class="sr-only">Delete {{ $preset->name }}</span></x-act>@endif
                </div></x-fold>
            @endforeach
        </section>
        <section class="panel" aria-labelledby="kept-title">
            <header class="panel-head"><h2 id="kept-title">Moves and shots</h2></header>
            @forelse ($others as $preset)
                @php [$bag, $mine] = ["preset.{$preset->id}", old('bag') === "preset.{$preset->id}"]; @endphp
                <x-fold :id="'preset-' . $preset->id" :title="$preset->name" :says="$preset->kind->label() . ($preset->note === '' ? '' : ': ' . $preset->note)"
                    :is-open="$mine" class="preset-fold"><div class="preset">
                    <form method="post" action="{{ route('presets.update', $preset) }}">@csrf @method('put')<x-was :of="Presets::texts($preset)" />
                        <span class="kind">{{ ucfirst($preset->kind->label()) }}</span>
                        <x-field :id="'name-' . $preset->id" label="Name" name="name" width="24ch" is-text :value="$mine ? null : $preset->name"
                            :problem="$errors->first($bag . '.name')" />
                        <x-field :id="'note-' . $preset->id" label="Note" name="note" width="40ch" is-text :value="$mine ? null : $preset->note"
                            :problem="$errors->first($bag . '.note')" />
                        <button class="button">Save</button>
                    </form>
                    <x-act :action="route('presets.destroy', $preset)" method="delete" icon="trash-2" class="is-quiet"><span
                        class="sr-only">Delete {{ $preset->name }}</span></x-act>
                </div></x-fold>
            @empty
                <p class="nothing">None yet. On a shot’s page, “Keep as a preset” puts its move or all of it here.</p>
            @endforelse
        </section>
    </div>
</x-layout>
