@php
    use Evrent\Core\Motion\Axis;
    $shot = $page->reading->shot;
    $mark = $page->all->mark($page->number);
@endphp
<x-layout :title="__('photos.photo.title', ['number' => $page->number, 'title' => $shot->title()])"
    :crumbs="[$shot->shoot->name => route('shoots.show', $shot->shoot_id),
    $shot->title() => $shot->at('shots.show'), __('common.photos') => $shot->at('photos.index'), __('photos.photo.number', [
        'number' => $page->number]) => null]">
    <div class="page photos">
        <header class="page-head"><h1>{{ __('photos.photo.number', ['number' => $page->number]) }}</h1>
            <p class="quiet">{{ $page->file ?? __('photos.photo.not_on_card') }}@if ($mark), {{ $page->all->marked($page->number) }}@endif</p></header>
        <div class="one-photo">
            <section class="panel">@if ($page->file)<span class="frame"><img src="{{ $page->reading->at('whole', number: $page->number) }}"
                alt="{{ __('photos.photo.number', ['number' => $page->number]) }}"></span>@else<p class="nothing">{{
                    __('photos.photo.missing') }}</p>@endif</section>
            <section class="panel" aria-labelledby="told-title"><header class="panel-head"><h2 id="told-title">{{ __('photos.photo.compare') }}</h2></header>
                <table class="table"><thead><tr><td></td><th scope="col">{{ __('photos.photo.plan') }}</th>@if ($page->hasRun())<th
                    scope="col">{{ __('photos.photo.run') }}</th>@endif<th scope="col">{{ __('photos.photo.card') }}</th></tr></thead>
                    <tbody>@foreach ($page->told() as [$what, $planned, $run, $is])<tr><th scope="row">{{ $what }}</th><td>{{ $planned }}</td>
                        @if ($page->hasRun())<td>{{ $run }}</td>@endif<td>{{ $is }}</td></tr>@endforeach
                    @foreach ($page->schedule->plan->rig->axes as $axis)<tr><th scope="row">{{ Words::capital($axis->label()) }}</th>
                        <td>{{ $settings->units->axisText($axis->kind, $page->planned->positions[$axis->id]) }}</td>
                        @if ($page->hasRun())<td>{{ $page->stood($axis) }}</td>@endif<td></td></tr>@endforeach</tbody></table></section>
        </div>
        <section class="panel" aria-labelledby="around-title"><header class="panel-head"><h2 id="around-title">{{ __('photos.photo.around') }}</h2></header>
            <ol class="contact-sheet">@foreach ($page->around() as $number => $file)<li @class(['contact', 'is-missing' => $file === null])><a
                href="{{ $page->reading->at('photo', number: $number) }}" @if ($number === $page->number) aria-current="true" @endif>@if ($file)<span
                class="frame"><img src="{{ $page->all->picture($file) }}" width="120" height="80" alt=""></span>@else<span class="gap"
                aria-hidden="true"></span>@endif<b>{{ $number }}</b></a></li>@endforeach</ol></section>
    </div>
</x-layout>
