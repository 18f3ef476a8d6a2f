@php use Evrent\Core\Day\Packed; @endphp
<x-layout title="Packing list" :keep="$shoot->pages()"
    :crumbs="['Shoots' => route('shoots.index'), $shoot->name => route('shoots.show', $shoot), 'Packing list' => null]">
    <div class="page sheet">
        <header class="page-head"><h1>Packing list</h1>
        <p class="quiet">{{ $shoot->name }}@if ($shoot->shoot_date) · {{ $settings->date($shoot->shoot_date, true) }}@endif</p>
            <nav class="page-acts no-print" aria-label="This list"><button type="button" class="button is-quiet" data-print><x-icon name="printer"
                /><span class="text">Print</span></button>
                <a class="button is-quiet" href="{{ route('shoots.show', $shoot) }}"><x-icon name="clock" /><span class="text">The day</span></a></nav></header>
        @php
            $bare = $page->shots->filter(fn ($one) => $one->figures?->kit === []);
            $done = count(array_filter($packed, fn ($one) => in_array($one->key(), $ticked, true)));
        @endphp
        @if ($bare->isNotEmpty())
        <p class="panel untold">No kit is picked yet for @foreach ($bare as $one)<a
            href="{{ $one->shot->at('shots.show') }}/pack#bag">{{ $one->title() }}</a>{{ $loop->last ? ''
            : ($loop->remaining === 1 ? ' and ' : ', ') }}@endforeach: what {{ $bare->count() === 1 ? 'it takes' : 'they take' }} is missing here.</p>
        @endif
        @foreach ($page->shots as $one)@if ($one->figures === null)<p class="panel untold"><a
            href="{{ $one->shot->at('shots.show') }}">{{ $one->title() }}</a> {{ $one->isAwaited
            ? 'is being worked out: load this page again in a moment' : 'cannot be worked out' }}. What it takes is missing here.</p>@endif @endforeach
        @if ($packed === [])
            <p class="panel nothing">Nothing yet: no shot says what it takes. Pick kit in a shot’s Pack view, or describe its power and cards there.</p>
        @else
        <p class="packed-count" role="status"><b data-ticked>{{ $done }}</b> of {{ count($packed) }} packed</p>
        <form class="panel scrolls" method="post" action="{{ route('shoots.packed', $shoot) }}"
            data-ticks>@csrf @method('put')@foreach ($ticked as $item)<input type="hidden" name="was[]" value="{{ $item }}">@endforeach<table
            class="table packing">
            <thead><tr><th scope="col"><span class="sr-only">Packed</span></th><th scope="col">How many</th><th scope="col">What</th>
            <th scope="col">Why</th></tr></thead>
            @foreach (Packed::byBag($packed) as $bag => $inBag)<tbody><tr><th class="bag-name" colspan="4" scope="rowgroup">{{ $bag }}</th></tr>
                @foreach ($inBag as $one)
                @php $key = md5($one->key()); @endphp
                <tr><td><input type="checkbox" name="packed[]" value="{{ $one->key() }}" @checked(in_array($one->key(), $ticked, true))
                    id="packed-{{ $key }}" aria-label="{{ $one->what }} is packed"></td><td class="count">{{ $one->count }}</td>
                <th scope="row"><label for="packed-{{ $key }}">{{ $one->what }}</label> <span class="quiet">{{ $one->kind }}</span></th>
                <td>{{ $one->why }}</td></tr>
                @endforeach</tbody>@endforeach
        </table><button class="button without-script">Save ticks</button></form>
        @endif
        @include('shoots.parts.cautions')
    </div>
</x-layout>
