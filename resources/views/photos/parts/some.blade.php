{{-- Some photos of the contact sheet by number; where there are more, the last asks for them as it comes into view. --}}
@php $part = $page->part($from); @endphp
@foreach ($part->photos as $number => $file)@php $mark = $page->mark($number); @endphp<li tabindex="0" data-number="{{ $number }}"
    data-mark="{{ $mark['mark'] ?? '' }}" @class(['contact', 'is-missing' => $file === null])>@if ($file === null)<span class="gap"
    aria-hidden="true"></span><b>{{ $number }}</b> <small>missing</small>@else<span class="frame"><img src="{{ $page->picture($file) }}"
    loading="lazy" width="120" height="80" alt=""></span><a
    href="{{ $page->reading->at('photo', number: $number) }}"><b>{{ $number }}</b></a> <small>{{ basename($file) }}</small>@endif
    <span class="mark">{{ $mark === null ? '' : trim(Evrent\Core\Photos\Mark::from($mark['mark'])->label() . ' ' . $mark['why']) }}</span></li>@endforeach
@if ($part->next !== null)<li hx-get="{{ $page->reading->at('more', number: $part->next) }}" hx-trigger="revealed" hx-swap="outerHTML">…</li>@endif
