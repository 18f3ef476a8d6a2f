@php
    use Evrent\Core\Kit\KitKind;
    use Evrent\Core\Kit\TypedKit;
@endphp
<x-layout :title="__('kit.index.title')" :crumbs="[__('common.shoots') => route('shoots.index'), __('kit.index.title') => null]">
    <div class="page kit-page">
        <header class="page-head"><h1>{{ __('kit.index.title') }}</h1>
        <p class="quiet">{{ __('kit.index.lead') }}</p>
            <nav class="page-acts" aria-label="{{ __('kit.index.files') }}">
                <a class="button is-quiet" href="{{ route('kit.json') }}"><x-icon name="download" /><span class="text">{{ __('kit.index.json') }}</span></a>
                <a class="button is-quiet" href="{{ route('kit.csv') }}"><x-icon name="download" /><span class="text">{{ __('kit.index.csv') }}</span></a>
                <form class="kit-import" method="post" action="{{ route('kit.import') }}" enctype="multipart/form-data">@csrf
                    <x-field id="f-kit-file" :label="__('kit.index.file')" name="file" type="file"
                        accept=".json,.csv,text/csv,application/json" :shown-label="false" :problem="$errors->get('kit-file.file')" />
                    <button class="button is-quiet"><x-icon name="file-up" /><span class="text">{{ __('kit.index.read') }}</span></button></form>
            </nav></header>
        @foreach (KitKind::cases() as $kind)
            @php
                [$fields, $known] = [App\Pages\KitForm::fields($kind), $kind->fields()];
            @endphp
            <section class="panel kit-kind" id="{{ $kind->value }}" aria-labelledby="{{ $kind->value }}-title">
                <header class="panel-head"><h2 id="{{ $kind->value }}-title">{{ $kind->plural() }}</h2></header>
                @foreach ([...($items[$kind->value] ?? []), null] as $item)
                    @php
                        $bag = $item === null ? 'kit.new' : "kit.{$item->id}";
                        $mine = old('bag') === $bag && old('kind') === $kind->value;
                        $texts = $item === null ? [] : TypedKit::texts($item->piece());
                        $key = $item->id ?? "new-{$kind->value}";
                    @endphp
                    <details class="kit-item" id="item-{{ $key }}" @if ($mine) open @endif>
                        <summary>@if ($item === null)<x-icon name="plus" /> <span class="quiet">{{ __('kit.index.add_kind',
                            ['kind' => $kind->label()]) }}</span>@else<b>{{
                            $item->name }}</b> <span
                            class="quiet">{{ collect([$item->piece()->count > 1 ? "× {$item->piece()->count}" : '', Words::say($item->piece()->inShort()),
                            $item->piece()->note])->filter()->implode(' · ') }}</span>@endif</summary>
                        <form method="post" action="{{ $item === null ? route('kit.store') : route('kit.update',
                            $item) }}">@csrf @if ($item !== null) @method('put')<x-was :of="$texts" /> @endif
                            <input type="hidden" name="kind" value="{{ $kind->value }}">
                            <div class="grid-fields">
                            @foreach ($fields as $field => [$label, $unit, $width])
                                @if ($known[$field]->beginsLine ?? false)<i class="line-break"></i>@endif
                                <x-field :id="$field . '-' . $key" :label="$label" :name="$field" :width="$width" :unit="$unit"
                                    :is-text="!isset($known[$field]) && $field !== 'count'" :problem="$mine ? $errors->first($bag . '.' . $field) : ''"
                                    :value="$mine ? null : ($texts[$field] ?? ($field === 'count' ? '1' : ''))" />
                            @endforeach
                            </div>
                            <div class="form-acts"><button class="button">{{ $item === null ? __('kit.index.add') : __('common.save') }}</button></div>
                        </form>
                        @if ($item !== null && $item->piece()->address !== '')<form class="try-it" method="post" action="{{ route('kit.try', $item) }}">@csrf
                            <label><input type="checkbox" name="acts" value="1"> {{ $kind === Evrent\Core\Kit\KitKind::Rig
                                ? __('kit.index.home') : __('kit.index.test_photo') }}</label>
                            <button class="button">{{ __('kit.index.try') }}</button></form>@endif
                        @if ($item !== null)<x-act :action="route('kit.destroy', $item)" method="delete" icon="trash-2"
                            class="is-quiet">{{ __('kit.index.remove') }}</x-act>@endif
                    </details>
                @endforeach
            </section>
        @endforeach
    </div>
</x-layout>
