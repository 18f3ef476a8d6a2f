<div id="rounding" class="rounding"><p class="quiet" role="status">{{ $page->rounding() }}</p>
    @if ($page->otherWays !== [] && !$page->isPreview)<div class="other-ways">@foreach ($page->otherWays as $way)<x-act
        :action="$page->shot->at('shots.update')" method="put" class="is-quiet" :live="$page->revision->id"
        :fields="[$page->fieldName($way->pointer) => $way->text, 'end' => '1']">{{ $way->label }}</x-act>@endforeach</div>@endif
</div>
