@php
    use Evrent\Core\Motion\Axis;
    $shot = $page->reading->shot;
    $mark = $page->all->mark($page->number);
@endphp
<x-layout :title="'Photo ' . $page->number . ' of ' . $shot->title()" :crumbs="[$shot->shoot->name => route('shoots.show', $shot->shoot_id),
    $shot->title() => $shot->at('shots.show'), 'Photos' => $shot->at('photos.index'), 'Photo ' . $page->number => null]">
    <div class="page photos">
        <header class="page-head"><h1>Photo {{ number_format($page->number) }}</h1>
            <p class="quiet">{{ $page->file ?? 'It is not on the card.' }}@if ($mark), {{ $page->all->marked($page->number) }}@endif</p></header>
        <div class="one-photo">
            <section class="panel">@if ($page->file)<span class="frame"><img src="{{ $page->reading->at('whole', number: $page->number) }}"
                alt="Photo {{ $page->number }}"></span>@else<p class="nothing">Missing.</p>@endif</section>
            <section class="panel" aria-labelledby="told-title"><header class="panel-head"><h2 id="told-title">Planned, run and on the card</h2></header>
                <table class="table"><thead><tr><td></td><th scope="col">plan</th>@if ($page->hasRun())<th
                    scope="col">run</th>@endif<th scope="col">card</th></tr></thead>
                    <tbody>@foreach ($page->told() as [$what, $planned, $run, $is])<tr><th scope="row">{{ $what }}</th><td>{{ $planned }}</td>
                        @if ($page->hasRun())<td>{{ $run }}</td>@endif<td>{{ $is }}</td></tr>@endforeach
                    @foreach ($page->schedule->plan->rig->axes as $axis)<tr><th scope="row">{{ ucfirst($axis->id) }}</th>
                        <td>{{ $settings->units->axisText($axis->kind, $page->planned->positions[$axis->id]) }}</td>
                        @if ($page->hasRun())<td>{{ $page->stood($axis) }}</td>@endif<td></td></tr>@endforeach</tbody></table></section>
        </div>
        <section class="panel" aria-labelledby="around-title"><header class="panel-head"><h2 id="around-title">Around it</h2></header>
            <ol class="contact-sheet">@foreach ($page->around() as $number => $file)<li @class(['contact', 'is-missing' => $file === null])><a
                href="{{ $page->reading->at('photo', number: $number) }}" @if ($number === $page->number) aria-current="true" @endif>@if ($file)<span
                class="frame"><img src="{{ $page->all->picture($file) }}" width="120" height="80" alt=""></span>@else<span class="gap"
                aria-hidden="true"></span>@endif<b>{{ $number }}</b></a></li>@endforeach</ol></section>
    </div>
</x-layout>
