<x-part id="last-changes" class="panel last-changes" aria-labelledby="last-changes-title">
    <header class="panel-head"><h2 id="last-changes-title">{{ __('shots.last_changes.title') }}</h2>
        <a class="button is-quiet" href="{{ $page->shot->at('shots.history') }}"><x-icon name="history" /><span
            class="text">{{ __('shots.last_changes.all') }}</span></a></header>
    <ol class="plain-list">@foreach ($page->lastRevisions() as $revision)<li><span
        class="quiet">{{ $settings->moment($revision->created_at) }}</span> {{ $revision->told() }}</li>@endforeach</ol>
</x-part>
