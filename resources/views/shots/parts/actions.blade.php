<section class="panel actions" aria-label="{{ __('shots.actions.title') }}">
    @if ($presets->isNotEmpty())
        <form class="apply-preset" method="post" action="{{ $page->shot->at('shots.presets.apply') }}" data-live data-look-first>@csrf
            <input class="live-revision" type="hidden" name="revision" value="{{ $page->revision->id }}">
            <x-field id="preset" :label="__('shots.actions.preset')" name="preset" value="" :options="$presets->mapToGroups(
                fn ($preset) => [Words::capital($preset->kind->label()) => $preset])->map(fn ($group) => $group->pluck('name', 'id')->all())->all()" />
            <button class="button">{{ __('shots.actions.apply') }}</button></form>
    @endif
    <div class="files">
        <a class="button" href="{{ $page->shot->at('shots.schedule.csv') }}" download><x-icon name="download" /><span class="text">{{
            __('shots.actions.schedule') }}</span></a>
        <a class="button" href="{{ $page->shot->at('plan-files.show') }}" download><x-icon name="download" /><span class="text">{{
            __('shots.actions.file') }}</span></a>
        <a class="button" href="{{ $page->shot->at('shots.cards') }}">{{ __('shots.actions.sheet') }}</a>
    </div>
    <div class="files">
        <details class="menu" @if ($errors->has('preset.*')) open @endif>
            <summary class="button is-quiet"><x-icon name="bookmark" /><span class="text">{{ __('shots.actions.save_as') }}</span></summary>
            <form method="post" action="{{ $page->shot->at('shots.presets.store') }}">@csrf
                <x-field id="preset-name" :label="__('common.name')" name="name" width="26ch" is-text :problem="$errors->first('preset.name')" />
                <x-field id="preset-kind" :label="__('shots.actions.what')" name="kind" value=""
                    :options="['move' => __('shots.actions.move'), 'shot' => __('shots.actions.whole')]" />
                <x-field id="preset-note" :label="__('common.note')" name="note" width="26ch" is-text />
                <button class="button">{{ __('shots.actions.save_preset') }}</button></form>
        </details>
        @include('shots.parts.rename', ['shot' => $page->shot, 'title' => $page->plan->title, 'class' => 'is-quiet'])
        <x-act :action="$page->shot->at('shots.duplicate')" icon="copy" class="is-quiet">{{ __('shots.actions.duplicate') }}</x-act>
    </div>
</section>
