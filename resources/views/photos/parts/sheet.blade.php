{{-- All photos on the stairs: the whole in one line, then the stairs themselves, of which only what is in view is there. --}}
@php
    use Evrent\Core\Drawings\SheetLanes;
    use Evrent\Core\Messages\Quantity;
    use Evrent\Core\Motion\Axis;
    $map = $page->map($sheet);
@endphp
<section class="panel" aria-labelledby="sheet-title"><header class="panel-head"><h2 id="sheet-title">{{ __('photos.sheet.title',
    ['part' => $sheet->axis === '' ? ''
    : (' ' . __('photos.sheet.by_axis', ['axis' => Axis::labelOf($sheet->axis)]))]) }}</h2><span class="quiet">{{ __('photos.sheet.one_line',
        ['count' => $page->count()]) }}</span></header>
    <div class="sheet-map"><svg class="bright-line" viewBox="0 0 1000 120" preserveAspectRatio="none" role="img" aria-label="{{ __('photos.sheet.curve',
        ['from' => Quantity::signed($map->from, 1), 'to' => Quantity::signed($map->to, 1)]) }}">@foreach ($map->gaps as [$at, $wide])<rect class="is-gap"
        x="{{ $at }}" width="{{ $wide }}" height="120" />@endforeach @foreach ($map->spoilt as [$at, $wide])<rect class="is-spoilt" x="{{ $at }}"
        width="{{ $wide }}" y="108" height="12" />@endforeach @foreach ($map->marks as $at)<path class="stands-out" d="M{{ $at }} 0V120" />@endforeach
        <path class="predicted" d="{{ $map->predicted }}" /><path class="measured" d="{{ $map->measured }}" /></svg>
        <input type="range" min="1" max="{{ $page->count() }}" value="1" aria-label="{{ __('photos.sheet.go_to') }}" data-go-to></div>
    <form class="grid-fields" method="post" action="{{ $page->reading->at('mark') }}" id="mark-photos">@csrf @method('put')
        <x-field id="mark-from" :label="__('common.photo')" name="from" width="6ch" inputmode="numeric" :problem="$errors->first('card.from')" />
        <x-field id="mark-to" :label="__('common.to_field')" name="to" width="6ch" inputmode="numeric" :problem="$errors->first('card.to')" />
        <x-field id="mark-why" :label="__('photos.sheet.why')" name="why" width="18ch" is-text :problem="$errors->first('card.why')" />
        <button class="button" name="mark" value="spoilt">{{ __('photos.sheet.bad') }}</button><button class="button" name="mark" value="pick">{{
            __('photos.sheet.still') }}</button>
        <button class="button is-quiet" name="mark" value="">{{ __('photos.sheet.clear') }}</button>
        <small class="quiet">{{ __('photos.sheet.keys') }}</small></form>
    <div @class(['stairs-wrap', 'is-flat' => $sheet->axis === ''])>
        <div class="photo-stairs" data-contact-sheet="{{ $page->reading->at('mark') }}" data-more="{{ $page->reading->at('more', number: 0) }}"
            data-photos="{{ $page->count() }}" data-at-once="{{ SheetLanes::AT_ONCE }}"><div class="stairs-run"
            style="--photos: {{ $page->count() }}">@include('photos.parts.some', ['from' => 1])</div></div>
        <dl class="lane-names">@foreach (SheetLanes::told($sheet) as [$name, $told])<div><dt>{{ $name }}</dt><dd>{{ $told }}</dd></div>@endforeach</dl>
    </div></section>
