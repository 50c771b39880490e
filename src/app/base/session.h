#pragma once

#include "app/base/document_session.h"
#include "app/base/shared_view.h"
#include "app/base/song_session.h"
#include "app/base/transport.h"

#include <memory>

namespace lc::app {

/// What a window works on: a routine, its song, and what plays, each a session of its own; what is told of them, and
/// how they are looked at.
class Session {
public:
    Session(std::unique_ptr<AudioOutput> output, Player::Filling filling, Worker::Mode working = Worker::Mode::InThread)
        : m_working(working), doc(messages, working), transport(doc, messages, std::move(output), filling),
          song(doc, transport, messages, working) {}

private:
    Worker::Mode m_working;

public:
    Messages messages;
    DocumentSession doc;
    Transport transport;
    SongSession song;
    SharedView view;

    /// How long work is done in this program: for panels that have work of their own.
    [[nodiscard]] Worker::Mode working() const { return m_working; }
};

} // namespace lc::app
