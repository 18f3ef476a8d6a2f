@php
    use App\Pages\Presets;
    use Evrent\Core\Messages\Quantity;
    use Evrent\Core\Words\PlainText;
    use Evrent\Core\Presets\PresetKind;
    [$recipes, $others] = $presets->partition(fn ($preset) => $preset->kind === PresetKind::Recipe);
@endphp
<x-layout :title="__('presets.index.title')" :crumbs="[__('common.shoots') => route('shoots.index'), __('presets.index.title') => null]">
    <div class="page presets">
        <header class="page-head"><h1>{{ __('presets.index.title') }}</h1>
        <p class="quiet">{{ __('presets.index.lead') }}</p></header>
        <section class="panel" aria-labelledby="recipes-title">
            <header class="panel-head"><h2 id="recipes-title">{{ __('presets.index.recipes') }}</h2></header>
            @foreach ([...$recipes->all(), null] as $preset)
                @php
                    $bag = $preset === null ? 'recipe.new' : "recipe.{$preset->id}";
                    $key = $preset?->id ?? 'new';
                    $mine = old('bag') === $bag;
                    $recipe = $preset === null ? null : Presets::recipe($preset);
                @endphp
                <x-fold :id="$preset === null ? 'preset-new' : 'preset-' . $preset->id" :title="$preset?->name ?? __('presets.index.own')"
                    :says="$recipe?->inShort()" :is-open="$mine" class="preset-fold"><div class="preset">
                    <form method="post" action="{{ $preset === null ? route('presets.store') : route('presets.update',
                        $preset) }}">@csrf @if ($preset !== null) @method('put')<x-was :of="Presets::texts($preset)" /> @endif
                        @foreach ([
                            'name' => [$preset === null ? __('presets.index.own') : __('presets.index.subject'), $preset?->name ?? '', '', '26ch', 'text'],
                            'interval_s' => [__('presets.index.interval'), $recipe === null
                                ? '' : PlainText::span($recipe->intervalSeconds), '', '7ch', 'text'],
                            'open_share' => [__('presets.index.shutter'), $recipe === null
                                ? '' : PlainText::percent($recipe->openShare), __('presets.index.of_it'), '5ch', 'decimal'],
                            'clip_s' => [__('presets.index.clip'), $recipe === null ? '' : PlainText::span($recipe->clipSeconds), '', '6ch', 'text'],
                            'note' => [__('presets.index.note'), $preset?->note ?? '', '', '90ch', 'text'],
                        ] as $field => [$label, $kept, $unit, $width, $mode])
                            <x-field :id="$field . '-' . $key" :label="$label" :name="$field" :width="$width" :unit="$unit" :inputmode="$mode"
                                :is-text="in_array($field, ['name', 'note'], true)" :around="$field === 'note' ? 'is-whole' : ''"
                                :value="$mine ? null : $kept" :problem="$errors->first($bag . '.' . ($field === 'note' ? 'reason' : $field))" />
                        @endforeach
                        @foreach ([
                            'exposed_for' => [__('presets.index.exposed_for'), $recipe?->exposedFor->value ?? '', ['' => __('presets.index.as_shot'),
                                'land' => __('presets.index.land'),
                                'sky' => __('presets.index.sky'), 'lamps' => __('presets.index.lamps')]],
                            'follows_light' => [__('presets.index.exposures'), $recipe?->followsLight ? '1' : '', [
                                '' => __('presets.index.stay'), '1' => __('presets.index.follow')]],
                            'on_mains' => [__('presets.index.power'), $recipe?->onMains ? '1' : '', [
                                '' => __('presets.index.batteries'), '1' => __('presets.index.mains')]],
                        ] as $field => [$label, $kept, $options])
                            <x-field :id="$field . '-' . $key" :label="$label" :name="$field" :options="$options" :value="$mine ? null : $kept"
                                :problem="$errors->first($bag . '.' . $field)" />
                        @endforeach
                        @if ($recipe !== null)<span class="quiet">{{ __('presets.index.shooting',
                            ['shootingSeconds' => Quantity::duration($recipe->shootingSeconds(24))]) }}</span>@endif
                        <button class="button">{{ $preset === null ? __('presets.index.save_recipe') : __('common.save') }}</button>
                    </form>
                    @if ($preset !== null)<x-act :action="route('presets.destroy', $preset)" method="delete" icon="trash-2" class="is-quiet"><span
                        class="sr-only">{{ __('presets.index.delete', ['preset' => $preset->name]) }}</span></x-act>@endif
                </div></x-fold>
            @endforeach
        </section>
        <section class="panel" aria-labelledby="kept-title">
            <header class="panel-head"><h2 id="kept-title">{{ __('presets.index.moves') }}</h2></header>
            @forelse ($others as $preset)
                @php [$bag, $mine] = ["preset.{$preset->id}", old('bag') === "preset.{$preset->id}"]; @endphp
                <x-fold :id="'preset-' . $preset->id" :title="$preset->name"
                    :says="Words::say($preset->kind->label()) . ($preset->note === '' ? '' : ': ' . $preset->note)" :is-open="$mine"
                    class="preset-fold"><div class="preset">
                    <form method="post" action="{{ route('presets.update', $preset) }}">@csrf @method('put')<x-was :of="Presets::texts($preset)" />
                        <span class="kind">{{ Words::capital($preset->kind->label()) }}</span>
                        <x-field :id="'name-' . $preset->id" :label="__('common.name')" name="name" width="24ch" is-text :value="$mine ? null : $preset->name"
                            :problem="$errors->first($bag . '.name')" />
                        <x-field :id="'note-' . $preset->id" :label="__('common.note')" name="note" width="40ch" is-text :value="$mine ? null : $preset->note"
                            :problem="$errors->first($bag . '.note')" />
                        <button class="button">{{ __('common.save') }}</button>
                    </form>
                    <x-act :action="route('presets.destroy', $preset)" method="delete" icon="trash-2" class="is-quiet"><span
                        class="sr-only">{{ __('presets.index.delete', ['preset' => $preset->name]) }}</span></x-act>
                </div></x-fold>
            @empty
                <p class="nothing">{{ __('presets.index.none') }}</p>
            @endforelse
        </section>
    </div>
</x-layout>
