<section class="panel actions" aria-label="This shot and its files">
    @if ($presets->isNotEmpty())
        <form class="apply-preset" method="post" action="{{ $page->shot->at('shots.presets.apply') }}" data-live data-look-first>@csrf
            <input class="live-revision" type="hidden" name="revision" value="{{ $page->revision->id }}">
            <x-field id="preset" label="Start from a preset" name="preset" value="" :options="$presets->mapToGroups(
                fn ($preset) => [ucfirst($preset->kind->label()) => $preset])->map(fn ($group) => $group->pluck('name', 'id')->all())->all()" />
            <button class="button">Apply preset</button></form>
    @endif
    <div class="files">
        <a class="button" href="{{ $page->shot->at('shots.schedule.csv') }}" download><x-icon name="download" /><span class="text">Schedule, CSV</span></a>
        <a class="button" href="{{ $page->shot->at('plan-files.show') }}" download><x-icon name="download" /><span class="text">Plan file</span></a>
        <a class="button" href="{{ $page->shot->at('shots.cards') }}">Card</a>
    </div>
    <div class="files">
        <details class="menu" @if ($errors->has('preset.*')) open @endif>
            <summary class="button is-quiet"><x-icon name="bookmark" /><span class="text">Keep as a preset</span></summary>
            <form method="post" action="{{ $page->shot->at('shots.presets.store') }}">@csrf
                <x-field id="preset-name" label="Name" name="name" width="26ch" is-text :problem="$errors->first('preset.name')" />
                <x-field id="preset-kind" label="What of it" name="kind" value="" :options="['move' => 'the move', 'shot' => 'the whole shot, but the rig']" />
                <x-field id="preset-note" label="Note" name="note" width="26ch" is-text />
                <button class="button">Save preset</button></form>
        </details>
        @include('shots.parts.rename', ['shot' => $page->shot, 'title' => $page->plan->title, 'class' => 'is-quiet'])
        <x-act :action="$page->shot->at('shots.duplicate')" icon="copy" class="is-quiet">Duplicate</x-act>
    </div>
</section>
