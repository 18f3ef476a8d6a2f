<x-layout :title="$page->title()" :card="true"
    :crumbs="[__('common.shoots') => route('shoots.index'), $page->shoot->name => route('shoots.show', $page->shoot), __('cards.show.title') => null]">
    <div class="page cards-page">
        <header class="page-head no-print"><h1>{{ $page->title() }}</h1>
            <p class="quiet">{{ __('cards.show.lead') }}</p>
            <nav class="page-acts" aria-label="{{ __('cards.show.nav') }}"><button type="button" class="button" data-print><x-icon name="printer" /><span
                class="text">{{ __('common.print') }}</span></button>
                <a class="button is-strong" href="{{ $page->at('cards.file') }}" download><x-icon name="download" /><span class="text">{{
                    __('cards.show.phone') }}</span></a></nav></header>
        @forelse ($page->cards as $card)@include('cards.parts.card')@empty<p class="panel nothing">{{ __('cards.show.none') }}</p>@endforelse
    </div>
</x-layout>
