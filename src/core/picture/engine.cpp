// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/engine.h"

#include "base/problem.h"
#include "picture/develop.h"
#include "picture/pixel_memory.h"

#include <mutex>
#include <vips/vips.h>
// After vips.h, whose types it takes for granted.
#include <vips/vector.h>

namespace keepseal {

std::string takeVipsError() {
    std::string text = vips_error_buffer();
    vips_error_clear();
    while (!text.empty() && text.back() == '\n')
        text.pop_back();
    return text.substr(0, text.find('\n'));
}

void startPictureEngine(const char* programName) {
    static std::once_flag once;
    std::call_once(once, [programName] {
        prepareReaders();
        if (VIPS_INIT(programName) != 0)
            throw Problem(ProblemKind::Internal, {},
                          Saying("libvips did not start: {reason}", {{"reason", takeVipsError()}}));
        // What a damaged picture makes libvips mutter is told by our own problem, with the picture's name.
        g_log_set_handler(
            "VIPS", G_LOG_LEVEL_WARNING, [](const gchar*, GLogLevelFlags, const gchar*, gpointer) {},
            nullptr);
        giveFreedMemoryBack();
        vips_concurrency_set(1);
        vips_cache_set_max(0);
        // The vector code (liborc 0.4.33) frees its programs without a lock: two threads that end a resample
        // at once free the same block twice.
        vips_vector_set_enabled(FALSE);
        // Core only makes pictures; whoever reads them says so (startReaders).
        vips_operation_block_set("VipsForeignLoad", TRUE);
        startReaders();
    });
}

void useVectorCode() {
    vips_vector_set_enabled(TRUE);
}

PictureThread::~PictureThread() {
    vips_thread_shutdown();
}

} // namespace keepseal
