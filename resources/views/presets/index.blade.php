@php
    use App\Http\Typed;
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
                    $value = fn (string $field, string $kept) => $mine ? Typed::before($field) : $kept;
                @endphp
                <div class="preset">
                    <form method="post" action="{{ $preset === null ? route('presets.store') : route('presets.update',
                        $preset) }}">@csrf @if ($preset !== null) @method('put')<x-was :of="Presets::texts($preset)" /> @endif
                        @foreach ([
                            'name' => [$preset === null ? 'A recipe of your own' : 'Subject', $preset?->name ?? '', '', '26ch', 'text'],
                            'interval_s' => ['One every', $recipe === null ? '' : PlainText::span($recipe->intervalSeconds), '', '7ch', 'text'],
                            'open_share' => ['open for', $recipe === null ? '' : PlainText::percent($recipe->openShare), '% of it', '5ch', 'decimal'],
                            'clip_s' => ['for a clip of', $recipe === null ? '' : PlainText::span($recipe->clipSeconds), '', '6ch', 'text'],
                            'note' => ['because', $preset?->note ?? '', '', '90ch', 'text'],
                        ] as $field => [$label, $kept, $unit, $width, $mode])
                            <span @class(['number', 'is-whole' => $field === 'note'])><label for="{{ $field }}-{{ $key }}">{{ $label }}</label>
                                <span @class(['entry', 'is-text' => in_array($field, ['name', 'note'], true)])><input id="{{ $field }}-{{ $key }}"
                                    name="{{ $field }}" type="text" inputmode="{{ $mode }}" value="{{ $value($field, $kept) }}"
                                    style="--width: {{ $width }}" aria-describedby="p-{{ $field }}-{{ $key }}"
                                    @error("{$bag}." . ($field === 'note' ? 'reason' : $field)) aria-invalid="true" @enderror>@if ($unit !== '')<span
                                    class="unit">{{ $unit }}</span>@endif</span>
                                <span class="problem" id="p-{{ $field }}-{{ $key }}">{{ $errors->first("{$bag}."
                                    . ($field === 'note' ? 'reason' : $field)) }}</span></span>
                        @endforeach
                        @if ($recipe !== null)<span class="quiet">{{ PlainText::duration($recipe->shootingSeconds(24)) }} on site at 24 fps</span>@endif
                        <button class="button">{{ $preset === null ? 'Keep it' : 'Keep the change' }}</button>
                    </form>
                    @if ($preset !== null)<x-act :action="route('presets.destroy', $preset)" method="delete" icon="trash-2" class="is-quiet"><span
                        class="sr-only">Throw {{ $preset->name }} away</span></x-act>@endif
                </div>
            @endforeach
        </section>
        <section class="panel" aria-labelledby="kept-title">
            <header class="panel-head"><h2 id="kept-title">Moves and shots</h2></header>
            @forelse ($others as $preset)
                @php $bag = $errors->getBag("preset{$preset->id}"); @endphp
                <div class="preset">
                    <form method="post" action="{{ route('presets.update', $preset) }}">@csrf @method('put')<x-was :of="Presets::texts($preset)" />
                        <span class="kind">{{ ucfirst($preset->kind->label()) }}</span>
                        <span class="number"><label for="name-{{ $preset->id }}">Name</label><span class="entry is-text"><input
                            id="name-{{ $preset->id }}" name="name" type="text" value="{{ $bag->any() ? Typed::before('name') : $preset->name }}"
                            style="--width: 24ch" aria-describedby="p-name-{{ $preset->id }}" @if ($bag->any()) aria-invalid="true"
                            @endif></span><span class="problem" id="p-name-{{ $preset->id }}">{{ $bag->first('name') }}</span></span>
                        <span class="number"><label for="note-{{ $preset->id }}">Note</label><span class="entry is-text"><input
                            id="note-{{ $preset->id }}" name="note" type="text" value="{{ $preset->note }}" style="--width: 40ch"></span></span>
                        <button class="button">Keep the change</button>
                    </form>
                    <x-act :action="route('presets.destroy', $preset)" method="delete" icon="trash-2" class="is-quiet"><span
                        class="sr-only">Throw {{ $preset->name }} away</span></x-act>
                </div>
            @empty
                <p class="nothing">None yet. On a shot’s page, “Keep as a preset” puts its move or all of it here.</p>
            @endforelse
        </section>
    </div>
</x-layout>
