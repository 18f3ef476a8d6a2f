@php
    use Evrent\Core\Kit\KitKind;
    use Evrent\Core\Kit\TypedKit;
@endphp
<x-layout title="Kit" :crumbs="['Shoots' => route('shoots.index'), 'Kit' => null]">
    <div class="page kit-page">
        <header class="page-head"><h1>Kit</h1>
        <p class="quiet">What there is to take along. A shot that picks a piece keeps its numbers as they are then; what you change here later changes
            no shot.</p>
            <nav class="page-acts" aria-label="Kit files">
                <a class="button is-quiet" href="{{ route('kit.json') }}"><x-icon name="download" /><span class="text">As JSON</span></a>
                <a class="button is-quiet" href="{{ route('kit.csv') }}"><x-icon name="download" /><span class="text">As CSV</span></a>
                <form class="kit-import" method="post" action="{{ route('kit.import') }}" enctype="multipart/form-data">@csrf
                    <x-field id="f-kit-file" label="A kit file, JSON or CSV" name="file" type="file"
                        accept=".json,.csv,text/csv,application/json" :shown-label="false" :problem="$errors->get('kit-file.file')" />
                    <button class="button is-quiet"><x-icon name="file-up" /><span class="text">Read kit file</span></button></form>
            </nav></header>
        @foreach (KitKind::cases() as $kind)
            <section class="panel kit-kind" id="{{ $kind->value }}" aria-labelledby="{{ $kind->value }}-title">
                <header class="panel-head"><h2 id="{{ $kind->value }}-title">{{ $kind->plural() }}</h2></header>
                @foreach ([...($items[$kind->value] ?? []), null] as $item)
                    @php
                        $bag = $item === null ? 'kit.new' : "kit.{$item->id}";
                        $mine = old('bag') === $bag && old('kind') === $kind->value;
                        $texts = $item === null ? [] : TypedKit::texts($item->piece());
                        $key = $item->id ?? "new-{$kind->value}";
                        $fields = App\Pages\KitForm::fields($kind);
                    @endphp
                    <details class="kit-item" id="item-{{ $key }}" @if ($mine) open @endif>
                        <summary>@if ($item === null)<x-icon name="plus" /> <span class="quiet">Add {{ $kind->label() }}</span>@else<b>{{
                            $item->name }}</b> <span
                            class="quiet">{{ collect([$item->piece()->count > 1 ? "× {$item->piece()->count}" : '', $item->piece()->inShort(),
                            $item->piece()->note])->filter()->implode(' · ') }}</span>@endif</summary>
                        <form method="post" action="{{ $item === null ? route('kit.store') : route('kit.update',
                            $item) }}">@csrf @if ($item !== null) @method('put')<x-was :of="$texts" /> @endif
                            <input type="hidden" name="kind" value="{{ $kind->value }}">
                            <div class="grid-fields">
                            @foreach ($fields as $field => [$label, $unit, $width])
                                @if ($kind->fields()[$field]->beginsLine ?? false)<i class="line-break"></i>@endif
                                <x-field :id="$field . '-' . $key" :label="$label" :name="$field" :width="$width" :unit="$unit"
                                    :is-text="!isset($kind->fields()[$field]) && $field !== 'count'" :problem="$mine ? $errors->first($bag . '.' . $field) : ''"
                                    :value="$mine ? null : ($texts[$field] ?? ($field === 'count' ? '1' : ''))" />
                            @endforeach
                            </div>
                            <div class="form-acts"><button class="button">{{ $item === null ? 'Add to kit' : 'Save' }}</button></div>
                        </form>
                        @if ($item !== null && $item->piece()->address !== '')<form class="try-it" method="post" action="{{ route('kit.try', $item) }}">@csrf
                            <label><input type="checkbox" name="acts" value="1"> {{ $kind === Evrent\Core\Kit\KitKind::Rig
                                ? 'and home it: hands off, nothing in its way' : 'and take one test photo' }}</label>
                            <button class="button">Try it</button></form>@endif
                        @if ($item !== null)<x-act :action="route('kit.destroy', $item)" method="delete" icon="trash-2"
                            class="is-quiet">Remove from kit</x-act>@endif
                    </details>
                @endforeach
            </section>
        @endforeach
    </div>
</x-layout>
