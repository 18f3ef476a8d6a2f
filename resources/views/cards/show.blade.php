<x-layout :title="$page->title()" :card="true"
    :crumbs="['Shoots' => route('shoots.index'), $page->shoot->name => route('shoots.show', $page->shoot), 'Cards' => null]">
    <div class="page cards-page">
        <header class="page-head no-print"><h1>{{ $page->title() }}</h1>
            <p class="quiet">A page each, A5. The file for the phone has all of them in it, needs no network, and counts down to what is next.</p>
            <nav class="page-acts" aria-label="These cards"><button type="button" class="button" data-print><x-icon name="printer" /><span
                class="text">Print</span></button>
                <a class="button is-strong" href="{{ $page->at('cards.file') }}" download><x-icon name="download" /><span class="text">File for the
                phone</span></a></nav></header>
        @forelse ($page->cards as $card)@include('cards.parts.card')@empty<p class="panel nothing">There is no shot to make a card of yet.</p>@endforelse
    </div>
</x-layout>
