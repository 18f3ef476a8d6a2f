<div id="rounding" class="rounding"><p class="quiet" role="status">{{ $page->rounding() }}</p>
    @if ($page->otherWays !== [] && !$page->isPreview)<div class="other-ways">@foreach ($page->otherWays as $way)<button type="button"
        class="button is-quiet" @click="keep('f-{{ str_replace('/', '-', ltrim($way->pointer, '/')) }}', '{{ $way->text }}')">{{
        $way->label }}</button>@endforeach
    </div>@endif
</div>
