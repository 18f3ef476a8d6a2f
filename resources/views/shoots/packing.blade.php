@php use Evrent\Core\Day\Packed; @endphp
<x-layout :title="__('shoots.packing.title')" :keep="$shoot->pages()"
    :crumbs="[__('common.shoots') => route('shoots.index'), $shoot->name => route('shoots.show', $shoot), __('shoots.packing.title') => null]">
    <div class="page sheet">
        <header class="page-head"><h1>{{ __('shoots.packing.title') }}</h1>
        <p class="quiet">{{ $shoot->name }}@if ($shoot->shoot_date) · {{ $settings->date($shoot->shoot_date, true) }}@endif</p>
            <nav class="page-acts no-print" aria-label="{{ __('shoots.packing.nav') }}"><button type="button" class="button is-quiet" data-print><x-icon
                name="printer"
                /><span class="text">{{ __('common.print') }}</span></button>
                <a class="button is-quiet" href="{{ route('shoots.show', $shoot) }}"><x-icon name="clock" /><span class="text">{{
                    __('shoots.packing.day') }}</span></a></nav></header>
        @php
            $bare = $page->shots->filter(fn ($one) => $one->figures?->kit === []);
            $done = count(array_filter($packed, fn ($one) => in_array($one->key(), $ticked, true)));
        @endphp
        @if ($bare->isNotEmpty())
        <p class="panel untold">{{ __('shoots.packing.no_kit') }} @foreach ($bare as $one)<a
            href="{{ $one->shot->at('shots.show') }}/pack#bag">{{ $one->title() }}</a>{{ $loop->last ? ''
            : ($loop->remaining === 1 ? (' ' . __('common.and') . ' ') : ', ') }}@endforeach{{ __('shoots.packing.missing') }}</p>
        @endif
        @foreach ($page->shots as $one)@if ($one->figures === null)<p class="panel untold"><a
            href="{{ $one->shot->at('shots.show') }}">{{ $one->title() }}</a> {{ __('shoots.packing.not_listed', ['part' => $one->isAwaited
            ? __('shoots.packing.working') : __('shoots.packing.broken')]) }}</p>@endif @endforeach
        @if ($packed === [])
            <p class="panel nothing">{{ __('shoots.packing.none') }}</p>
        @else
        <p class="packed-count" role="status"><b data-ticked>{{ $done }}</b> {{ __('shoots.packing.packed', ['packed' => count($packed)]) }}</p>
        <form class="panel scrolls" method="post" action="{{ route('shoots.packed', $shoot) }}"
            data-ticks>@csrf @method('put')@foreach ($ticked as $item)<input type="hidden" name="was[]" value="{{ $item }}">@endforeach<table
            class="table packing">
            <thead><tr><th scope="col"><span class="sr-only">{{ __('shoots.packing.packed_column') }}</span></th><th scope="col">{{
                __('shoots.packing.many') }}</th><th scope="col">{{ __('shoots.packing.what') }}</th>
            <th scope="col">{{ __('shoots.packing.why') }}</th></tr></thead>
            @foreach (Packed::byBag($packed) as [$bag, $inBag])<tbody><tr><th class="bag-name" colspan="4" scope="rowgroup">{{ $bag->label() }}</th></tr>
                @foreach ($inBag as $one)
                @php $key = md5($one->key()); @endphp
                <tr><td><input type="checkbox" name="packed[]" value="{{ $one->key() }}" @checked(in_array($one->key(), $ticked, true))
                    id="packed-{{ $key }}" aria-label="{{ __('shoots.packing.is_packed', ['what' => $one->what]) }}"></td><td class="count">{{
                        $one->count }}</td>
                <th scope="row"><label for="packed-{{ $key }}">{{ $one->what }}</label> <span class="quiet">{{ $one->label() }}</span></th>
                <td>{{ $one->why }}</td></tr>
                @endforeach</tbody>@endforeach
        </table><button class="button without-script">{{ __('shoots.packing.save') }}</button></form>
        @endif
        @include('shoots.parts.cautions')
    </div>
</x-layout>
