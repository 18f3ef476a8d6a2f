<p id="rounding" class="rounding quiet" role="status">{{ $page->rounding() }}</p>
